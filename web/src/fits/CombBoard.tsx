import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { api, ApiProblem, got } from '@/api/client'
import { refreshFits } from '@/api/refresh'
import type { CombTold, CombTooth, MadeComb, TryChoice } from '@/api/types'
import { InstrumentSelect, useInstrument } from '@/machines/InstrumentSelect'
import { TryWords } from '@/jobs/tries/TryWords'
import { outlined } from '@/jobs/tries/outlined'
import { inLeading } from '@/jobs/tries/size'
import { Field } from '@/ui/Field'
import { useLeading } from '@/ui/leading'
import { ErrorNote } from '@/ui/ProblemNote'
import { StrikeForm } from '@/ui/StrikeForm'
import { CombDrawing } from './CombDrawing'
import { following, isTold } from './teeth'

/** Takes what a test print tells, tooth after tooth. */
export function CombBoard({ comb }: { readonly comb: MadeComb }) {
  const client = useQueryClient()
  const { leading } = useLeading()
  const [number, setNumber] = useState<number>()
  const tooth = comb.teeth.find((t) => t.number === number) ?? comb.teeth.find((t) => !isTold(t)) ?? comb.teeth[0]!
  const [said, setSaid] = useState<TryChoice | null>(null)
  const [printed, setPrinted] = useState('')
  const [instrument, setInstrument] = useInstrument('outside', 'caliper')
  const field = useRef<HTMLDivElement>(null)
  const choose = (to: number) => {
    setNumber(to)
    setSaid(null)
  }
  useEffect(() => {
    if (number !== undefined) field.current?.querySelector('input')?.focus()
  }, [number])
  const tell = useMutation({
    mutationFn: (told: CombTold) => got(api.POST('/api/combs/{id}/told', { params: { path: { id: comb.id } }, body: told })),
    // What is typed meanwhile is the next reading; what is refused comes back.
    onMutate: () => setPrinted(''),
    onError: (_, told) => setPrinted((typed) => typed || (told.printed ?? '')),
    onSuccess: () => {
      choose(following(comb.teeth, tooth).number)
      void refreshFits(client)
    },
  })
  const problem = tell.error instanceof ApiProblem ? tell.error.at('printed') : undefined
  const ready = tooth.words.length > 0 ? said !== null : printed.trim() !== ''
  return (
    <div className="mt-4 grid gap-6 lg:grid-cols-[1fr_22rem]">
      <div className="flex flex-col gap-3">
        <CombDrawing teeth={comb.teeth} wide={comb.wide} deep={comb.deep} chosen={tooth.number} onChoose={choose} />
        <a className="btn btn-outline w-fit" href={`/api/combs/${comb.id}/test-print.3mf`} download>
          3MF
        </a>
        <ol className="flex flex-col gap-1" aria-label="Faces of the test print">
          {comb.teeth.map((t) => (
            <ToothLine key={t.number} tooth={t} chosen={t === tooth} onChoose={() => choose(t.number)} />
          ))}
        </ol>
      </div>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          if (!ready || tell.isPending) return
          const read = { feel: null, printed, instrument, leading }
          const felt = { feel: said?.feel ?? null, printed: null, instrument: null, leading: null }
          tell.mutate({ tooth: tooth.number, ...(tooth.words.length > 0 ? felt : read) })
        }}
      >
        <p>
          <strong>Tooth {tooth.number}</strong>, {tooth.reads}. Drawn <span className="figure">{inLeading(tooth.size, leading)}</span>.
        </p>
        {tooth.words.length > 0 ? (
          <TryWords key={tooth.number} choices={tooth.words} said={said} onSay={setSaid} />
        ) : (
          <div className="flex flex-wrap items-end gap-2" ref={field}>
            <div className="grow">
              <Field
                label={`Printed size of tooth ${tooth.number}`}
                value={printed}
                onChange={setPrinted}
                placeholder="as the caliper shows it"
                problem={problem}
              />
            </div>
            <div className="w-36">
              <InstrumentSelect access="outside" value={instrument} onChange={setInstrument} />
            </div>
          </div>
        )}
        {tell.error && !problem && <ErrorNote error={tell.error} />}
        <button className="btn btn-primary" disabled={!ready || tell.isPending}>
          Note it <kbd className="kbd kbd-sm text-base-content">Enter</kbd>
        </button>
      </form>
    </div>
  )
}

type ToothLineProps = { readonly tooth: CombTooth; readonly chosen: boolean; readonly onChoose: () => void }

/** One face with what was told of it; a mistake is struck with a reason. */
function ToothLine({ tooth, chosen, onChoose }: ToothLineProps) {
  const client = useQueryClient()
  const { leading } = useLeading()
  const [striking, setStriking] = useState<string>()
  return (
    <li className={`flex flex-wrap items-center gap-x-3 gap-y-1 rounded border px-2 py-1 ${outlined(chosen)}`}>
      <button className="grow text-left" aria-pressed={chosen} onClick={onChoose}>
        <span className="figure inline-block w-7 font-bold">{tooth.number}</span>
        {tooth.reads.split(':')[0]} <span className="figure">{inLeading(tooth.size, leading)}</span>
      </button>
      {tooth.told.map((t) => (
        <span key={t.id} className="flex items-center gap-2 font-normal">
          <span className={t.struckBecause === null ? 'figure' : 'quiet line-through'}>{t.says}</span>
          {t.struckBecause === null ? (
            striking !== t.id && (
              <button className="btn btn-ghost btn-sm" onClick={() => setStriking(t.id)}>
                Strike out
              </button>
            )
          ) : (
            <span className="quiet text-sm">Struck: {t.struckBecause}</span>
          )}
        </span>
      ))}
      {striking && (
        <StrikeForm
          path={`/api/combs/told/${striking}/strikes`}
          onStruck={() => refreshFits(client)}
          onDone={() => setStriking(undefined)}
        />
      )}
    </li>
  )
}
