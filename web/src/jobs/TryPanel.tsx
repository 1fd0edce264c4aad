import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ApiProblem, got, sendFile } from '@/api/client'
import { history } from '@/api/queries'
import { refreshPart } from '@/api/refresh'
import type { RevisionView, TryAnswer, TryChoice, TryRequest } from '@/api/types'
import { InstrumentSelect, useInstrument } from '@/machines/InstrumentSelect'
import { Percent } from '@/ui/Percent'
import { Field } from '@/ui/Field'
import { FileButton } from '@/ui/FileButton'
import { ErrorNote } from '@/ui/ProblemNote'
import { useLeading } from '@/ui/leading'
import { capital } from './inWords'
import { TryHelps } from './TryLine'
import { useWork } from './useWork'

/** How a print fitted, in words a hand can feel; the answer is the corrected size. */
export function TryPanel() {
  const work = useWork()
  const revisions = useQuery(history(work.part.id)).data?.revisions ?? []
  const newest = revisions[0]
  if (!newest) return <NothingPrinted />
  return <TryForm key={newest.number} revisions={revisions} newest={newest} />
}

/** What to do before there is anything to try. */
function NothingPrinted() {
  const work = useWork()
  return (
    <div className="flex flex-col gap-3">
      <p className="text-lg">Nothing is printed yet. A proof is tried in minutes, the part itself after its print.</p>
      <div className="flex flex-wrap gap-2">
        <button className="btn btn-primary" onClick={() => work.setStation('prove')}>
          Print a proof
        </button>
        <button className="btn btn-outline" onClick={() => work.setStation('print')}>
          Print the part
        </button>
      </div>
    </div>
  )
}

type TryFormProps = { readonly revisions: readonly RevisionView[]; readonly newest: RevisionView }

function TryForm({ revisions, newest }: TryFormProps) {
  const [number, setNumber] = useState(newest.number)
  const revision = revisions.find((r) => r.number === number) ?? newest
  const { places } = revision
  const [chosen, setChosen] = useState<string>()
  // The first that nobody has tried yet; the last place is what the part must do.
  const place = places.find((p) => p.slot === chosen) ?? places.find((p) => !p.tried) ?? places[places.length - 1]!
  const { slot, measured } = place
  const [said, setSaid] = useState<TryChoice | null>(null)
  const [printed, setPrinted] = useState('')
  const [remark, setRemark] = useState('')
  const [photo, setPhoto] = useState<File | null>(null)
  const [instrument, setInstrument] = useInstrument('outside', 'caliper')
  const { leading } = useLeading()
  const note = useNoteTry(() => {
    setSaid(null)
    setPrinted('')
    setRemark('')
    setPhoto(null)
  })
  const problem = note.error instanceof ApiProblem ? note.error : undefined
  const ready = said !== null || (measured !== null && printed.trim() !== '')
  return (
    <form
      className="flex flex-col gap-5"
      onSubmit={(event) => {
        event.preventDefault()
        const size =
          measured !== null && printed.trim() ? { printed, instrument, leading } : { printed: null, instrument: null, leading: null }
        note.mutate({
          entry: { revision: revision.number, slot, feel: said?.feel ?? null, word: said?.word ?? null, ...size, remark },
          photo,
        })
      }}
    >
      <label className="flex items-center gap-3">
        <span className="font-semibold">Revision</span>
        <select className="select figure" value={revision.number} onChange={(e) => setNumber(Number(e.target.value))}>
          {revisions.map((r) => (
            <option key={r.number} value={r.number}>
              {r.number}
            </option>
          ))}
        </select>
        <span className="quiet text-sm">{revision.process}</span>
      </label>
      <fieldset className="flex flex-wrap gap-2">
        <legend className="mb-1 font-semibold">{places.length > 1 ? 'Fitted to, or tried for' : 'Tried for'}</legend>
        {places.map((p) => (
          <Choice
            key={p.slot}
            name="slot"
            checked={slot === p.slot}
            onChoose={() => {
              setChosen(p.slot)
              setSaid(null)
            }}
            label={p.label}
          />
        ))}
      </fieldset>
      <fieldset className="flex flex-col gap-2">
        <legend className="mb-1 font-semibold">It</legend>
        {place.choices.map((word) => (
          <Choice key={word.says} name="word" checked={said?.says === word.says} onChoose={() => setSaid(word)} label={word.says} />
        ))}
      </fieldset>
      {measured !== null && (
        <div className="flex flex-wrap items-end gap-2">
          <div className="grow">
            <Field
              label={`Printed ${measured}, if you measured it`}
              value={printed}
              onChange={setPrinted}
              placeholder="as the caliper shows it"
              problem={problem?.at('printed')}
            />
          </div>
          <div className="w-36">
            <InstrumentSelect access="outside" value={instrument} onChange={setInstrument} />
          </div>
        </div>
      )}
      <Field label="Remark" value={remark} onChange={setRemark} />
      <div className="flex flex-wrap items-center gap-3">
        <FileButton label="Photograph of the try" accept="image/jpeg,image/png,image/webp" onFile={setPhoto}>
          Add a photograph
        </FileButton>
        {photo && <span className="quiet">{photo.name} goes with it</span>}
      </div>
      {problem && !problem.at('printed') && <ErrorNote error={problem} />}
      {note.error && !problem && <ErrorNote error={note.error} />}
      <button className="btn btn-primary" disabled={note.isPending || !ready}>
        Note the try
      </button>
      {note.data && <Answer answer={note.data} />}
      {measured !== null && <TriesOn />}
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
  const told = useQuery(history(useWork().part.id))
    .data?.revisions.flatMap((r) => r.tries)
    .find((t) => t.id === answer.try)
  if (answer.what === null)
    return (
      <div role="status" className="border-accent flex flex-col items-start gap-2 rounded-md border-2 p-3">
        <p className="text-lg">Noted. Keep and the bench tell it from now on.</p>
        <TryHelps helps={told?.helps ?? []} />
      </div>
    )
  return (
    <div role="status" className="border-accent rounded-md border-2 p-3">
      <p className="text-lg">
        {capital(answer.what)} is now <span className="figure font-semibold">{answer.after}</span>; it was{' '}
        <span className="figure">{answer.before}</span>.
      </p>
      {answer.chanceBefore !== null && answer.chanceAfter !== null && (
        <p>
          Chance of a fit: <Percent share={answer.chanceBefore} /> before, <Percent share={answer.chanceAfter} /> now.
        </p>
      )}
    </div>
  )
}

/** A try on another setup moves only what both share. */
function TriesOn() {
  const work = useWork()
  const setup = work.processes.find((p) => p.id === work.editing.draft.present.process)?.name
  return (
    <p className="quiet text-sm">
      Every try of a fit teaches all parts: what is printed with {setup} by most, what another setup prints by as much as they share.
    </p>
  )
}

type Noted = { readonly entry: TryRequest; readonly photo: File | null }

/** The try is kept first; its photograph follows and cannot undo it. */
function useNoteTry(onNoted: () => void) {
  const work = useWork()
  const client = useQueryClient()
  return useMutation({
    mutationFn: async ({ entry, photo }: Noted) => {
      const answer = await got(api.POST('/api/parts/{id}/tries', { params: { path: { id: work.part.id } }, body: entry }))
      onNoted()
      await refreshPart(client)
      if (photo) await sendFile(`/api/tries/${answer.try}/photos`, photo)
      return answer
    },
    onSuccess: () => refreshPart(client),
  })
}
