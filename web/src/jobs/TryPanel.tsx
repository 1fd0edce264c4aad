import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiProblem, sendJson } from '@/api/client'
import { history } from '@/api/queries'
import { refreshPart } from '@/api/refresh'
import type { Feel, RevisionView, TryAnswer, TryRequest } from '@/api/types'
import { InstrumentSelect, useInstrument } from '@/machines/InstrumentSelect'
import { Percent } from '@/ui/Percent'
import { Field } from '@/ui/Field'
import { ErrorNote } from '@/ui/ProblemNote'
import type { Work } from './Workbench'

const feels: readonly (readonly [Feel, string])[] = [
  ['willNotStart', 'will not start'],
  ['needsForce', 'needs force'],
  ['firmByHand', 'firm by hand'],
  ['slides', 'slides'],
  ['rattles', 'rattles'],
]

/** How a print fitted, in words a hand can feel; the answer is the corrected size. */
export function TryPanel({ work }: { readonly work: Work }) {
  const revisions = useQuery(history(work.part.id)).data?.revisions ?? []
  const newest = revisions[0]
  if (!newest) return <p className="quiet">Nothing to try: print a ring or the part first.</p>
  return <TryForm key={newest.number} work={work} revisions={revisions} newest={newest} />
}

type TryFormProps = { readonly work: Work; readonly revisions: readonly RevisionView[]; readonly newest: RevisionView }

function TryForm({ work, revisions, newest }: TryFormProps) {
  const [revision, setRevision] = useState(newest.number)
  const [slot, setSlot] = useState(() => firstUntried(work, newest))
  const [feel, setFeel] = useState<Feel | null>(null)
  const [printed, setPrinted] = useState('')
  const [remark, setRemark] = useState('')
  const [instrument, setInstrument] = useInstrument('outside', 'caliper')
  const note = useNoteTry(work, () => {
    setFeel(null)
    setPrinted('')
    setRemark('')
  })
  const problem = note.error instanceof ApiProblem ? note.error : undefined
  return (
    <form
      className="flex flex-col gap-5"
      onSubmit={(event) => {
        event.preventDefault()
        note.mutate({ revision, slot, feel, printed, remark, instrument: printed ? instrument : null })
      }}
    >
      <label className="flex items-center gap-3">
        <span className="font-semibold">Revision</span>
        <select className="select figure" value={revision} onChange={(e) => setRevision(Number(e.target.value))}>
          {revisions.map((r) => (
            <option key={r.number} value={r.number}>
              {r.number}
            </option>
          ))}
        </select>
        <span className="quiet text-sm">{revisions.find((r) => r.number === revision)?.process}</span>
      </label>
      <fieldset className="flex flex-wrap gap-2">
        <legend className="mb-1 font-semibold">Fitted to</legend>
        {work.design?.seats.flatMap((seat) =>
          placesOf(
            revisions.find((r) => r.number === revision),
            seat.slot,
          ).map(([key, words]) => (
            <Choice
              key={key}
              name="slot"
              checked={slot === key}
              onChoose={() => setSlot(key)}
              label={words ? `${words}, ${seat.name}` : seat.name}
            />
          )),
        )}
      </fieldset>
      <fieldset className="flex flex-col gap-2">
        <legend className="mb-1 font-semibold">It</legend>
        {feels.map(([key, words]) => (
          <Choice key={key} name="feel" checked={feel === key} onChoose={() => setFeel(key)} label={words} />
        ))}
      </fieldset>
      <div className="flex flex-wrap items-end gap-2">
        <div className="grow">
          <Field
            label="Printed diameter, if you measured it"
            value={printed}
            onChange={setPrinted}
            placeholder="50.92"
            problem={problem?.at('printed')}
          />
        </div>
        <div className="w-36">
          <InstrumentSelect access="outside" value={instrument} onChange={setInstrument} />
        </div>
      </div>
      <Field label="Remark" value={remark} onChange={setRemark} />
      {problem && !problem.at('printed') && <ErrorNote error={problem} />}
      {note.error && !problem && <ErrorNote error={note.error} />}
      <button className="btn btn-primary" disabled={note.isPending || (feel === null && printed.trim() === '')}>
        Note the try
      </button>
      {note.data && <Answer answer={note.data} />}
      <TriesOn work={work} />
    </form>
  )
}

type ChoiceProps = { readonly name: string; readonly checked: boolean; readonly onChoose: () => void; readonly label: string }

function Choice({ name, checked, onChoose, label }: ChoiceProps) {
  return (
    <label
      className={`flex min-h-12 items-center gap-3 rounded-md border px-3 text-lg ${checked ? 'border-primary border-2 font-semibold' : 'border-base-300'}`}
    >
      <input type="radio" name={name} className="radio radio-primary" checked={checked} onChange={onChoose} />
      {label}
    </label>
  )
}

function Answer({ answer }: { readonly answer: TryAnswer }) {
  return (
    <div role="status" className="border-accent rounded-md border-2 p-3">
      <p className="text-lg">
        The {answer.slot} end is now drawn <span className="figure font-semibold">{answer.after}</span>; it was{' '}
        <span className="figure">{answer.before}</span>.
      </p>
      <p>
        Chance of a fit: <Percent share={answer.chanceBefore ?? 0} /> before, <Percent share={answer.chanceAfter ?? 0} /> now.
      </p>
    </div>
  )
}

/** A try on another setup proves the shape; it moves no size on this one. */
function TriesOn({ work }: { readonly work: Work }) {
  const setup = work.processes.find((p) => p.id === work.editing.draft.present.process)?.name
  return <p className="quiet text-sm">Sizes are corrected by tries printed with {setup}; a try on another setup proves the shape only.</p>
}

function useNoteTry(work: Work, onNoted: () => void) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (entry: TryRequest) => sendJson<TryAnswer>('POST', `/api/parts/${work.part.id}/tries`, entry),
    onSuccess: async () => {
      await refreshPart(client)
      onNoted()
    },
  })
}

/** Where a revision can be tried at a seat: as it is, or ring by ring of its ladder. */
function placesOf(revision: RevisionView | undefined, slot: string): readonly (readonly [string, string])[] {
  const whole = revision?.printed.some((b) => b === 'part' || b === `ring-${slot}`) ?? false
  const rings = revision?.printed.includes(`ladder-${slot}`)
    ? revision.slots.filter((s) => s.startsWith(`${slot}#`)).map((s) => [s, `ring ${s.split('#')[1]}`] as const)
    : []
  return [...(whole || rings.length === 0 ? [[slot, ''] as const] : []), ...rings]
}

function firstUntried(work: Work, newest: RevisionView): string {
  const tried = newest.tries.map((t) => t.slot.split('#')[0])
  const printed = work.family.slots.filter(
    (s) => newest.printed.includes('part') || newest.printed.includes(`ring-${s.key}`) || newest.printed.includes(`ladder-${s.key}`),
  )
  const seat = (printed.find((s) => !tried.includes(s.key)) ?? printed[0] ?? work.family.slots[0]!).key
  return placesOf(newest, seat)[0]![0]
}
