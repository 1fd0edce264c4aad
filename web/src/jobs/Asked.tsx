import { useId, useState } from 'react'
import type { ParameterSpec, Problem } from '@/api/types'
import { ProblemNote } from '@/ui/ProblemNote'
import type { Work } from './Workbench'
import { Word } from './Word'

export type AskedProps = { readonly work: Work; readonly of?: (spec: ParameterSpec) => boolean }

/** What a station asks for itself, as words of a sentence. */
export function Asked({ work, of = () => true }: AskedProps) {
  const asked = work.family.parameters.filter((p) => p.askedAt === work.station && of(p))
  if (asked.length === 0) return null
  return (
    <div className="bg-base-200 flex flex-wrap items-center gap-2 rounded-md p-3">
      {asked.map((spec) => (
        <label key={spec.key} className="flex flex-wrap items-center gap-2">
          {spec.label}
          {spec.kind === 'choice' ? <Word spec={spec} work={work} /> : <Entry key={standing(work, spec)} spec={spec} work={work} />}
        </label>
      ))}
    </div>
  )
}

const standing = (work: Work, spec: ParameterSpec) => work.editing.draft.present.parameters[spec.key] ?? ''

function Entry({ spec, work }: { readonly spec: ParameterSpec; readonly work: Work }) {
  const [text, setText] = useState(standing(work, spec))
  const [problem, setProblem] = useState<Problem | undefined>()
  const note = useId()
  const take = async () => {
    if (text.trim() === standing(work, spec)) return
    setProblem((await work.editing.propose({ [spec.key]: text.trim() }))[0])
  }
  return (
    <>
      <input
        className={`input figure ${spec.kind === 'number' ? 'w-24' : spec.kind === 'outline' ? 'w-full' : 'w-36'}`}
        aria-label={spec.label}
        aria-invalid={problem !== undefined}
        aria-describedby={note}
        value={text}
        placeholder={spec.unit ?? ''}
        onChange={(e) => setText(e.target.value)}
        onBlur={() => void take()}
        onKeyDown={(e) => e.key === 'Enter' && void take()}
      />
      <span id={note} className={spec.kind === 'number' && !problem ? 'quiet text-sm' : 'w-full'}>
        {problem ? (
          <ProblemNote problem={problem} />
        ) : spec.kind === 'number' ? (
          spec.unit
        ) : (
          <span className="quiet text-sm">{spec.help}</span>
        )}
      </span>
    </>
  )
}
