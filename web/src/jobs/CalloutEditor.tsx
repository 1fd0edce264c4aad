import { useQuery } from '@tanstack/react-query'
import { useId, useState } from 'react'
import { readEntry } from '@/api/queries'
import type { LedgerLineView, ParameterSpec, Problem } from '@/api/types'
import { Figure } from '@/ui/Figure'
import { ProblemNote } from '@/ui/ProblemNote'
import { useLeading } from '@/ui/leading'
import { useTake } from './exactEntry'
import { useWithinWindow } from './useWithinWindow'
import { useWork } from './useWork'

export type CalloutEditorProps = {
  readonly spec: ParameterSpec
  readonly line: LedgerLineView
  readonly onClose: () => void
}

/** Edits one value in place. What cannot be built is refused here, in words, and what was typed stays. */
export function CalloutEditor({ spec, line, onClose }: CalloutEditorProps) {
  const work = useWork()
  const { leading } = useLeading()
  const entered = work.shown.parameters[spec.key] ?? ''
  const [text, setText] = useState(entered)
  const [problem, setProblem] = useState<Problem | null>(null)
  const [busy, setBusy] = useState(false)
  const take = useTake(spec)
  const note = useId()
  const { ref, style } = useWithinWindow()
  const step = (steps: number) => setText(work.editing.step(spec, line.quantity.value, steps))
  const submit = async () => {
    setBusy(true)
    const wrong = await take(text).finally(() => setBusy(false))
    if (wrong) setProblem(wrong)
    else onClose()
  }
  return (
    <form
      ref={ref}
      style={style}
      className="bg-base-100 border-primary fixed z-10 flex max-h-[calc(100dvh-1rem)] w-72 flex-col gap-2 overflow-auto rounded-md border-2 p-3 shadow-lg"
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
      onKeyDown={(event) => {
        if (event.key === 'Escape') onClose()
        const steps = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0
        if (steps === 0) return
        event.preventDefault()
        step(steps)
      }}
    >
      <label className="flex flex-col gap-1">
        <span className="font-semibold">{spec.label}</span>
        <input
          className="input figure h-14 w-full text-2xl"
          autoFocus
          value={text}
          placeholder={`${line.quantity.metric}${spec.default === null ? ', left to Emboq' : ''}`}
          onChange={(e) => setText(e.target.value)}
          onFocus={(e) => e.target.select()}
          aria-invalid={problem !== null}
          aria-describedby={note}
        />
      </label>
      <div id={note} className="text-sm">
        {problem ? <ProblemNote problem={problem} /> : <Reading spec={spec} text={text} leading={leading} />}
      </div>
      <div className="flex gap-2">
        <button className="btn btn-primary grow" disabled={busy}>
          Set
        </button>
        <button type="button" className="btn btn-outline" onClick={() => step(-1)} aria-label="One step less">
          −
        </button>
        <button type="button" className="btn btn-outline" onClick={() => step(1)} aria-label="One step more">
          +
        </button>
        <button type="button" className="btn btn-ghost" onClick={onClose}>
          Close
        </button>
      </div>
    </form>
  )
}

type ReadingProps = { readonly spec: ParameterSpec; readonly text: string; readonly leading: 'metric' | 'inch' }

function Reading({ spec, text, leading }: ReadingProps) {
  const isLength = spec.kind === 'length' && text.trim() !== ''
  const length = useQuery({ ...readEntry(text, leading), enabled: isLength })
  return isLength && length.data ? (
    <Figure metric={length.data.metric} inches={length.data.inches} />
  ) : (
    <span className="quiet">{spec.help}</span>
  )
}
