import { useRef, useState } from 'react'
import { ApiProblem } from '@/api/client'
import type { RevisionView, TryChoice } from '@/api/types'
import { capital } from '@/jobs/inWords'
import { TryHelps } from '@/jobs/TryLine'
import { useWork } from '@/jobs/useWork'
import { InstrumentSelect, useInstrument } from '@/machines/InstrumentSelect'
import { Field } from '@/ui/Field'
import { FileButton } from '@/ui/FileButton'
import { useLeading } from '@/ui/leading'
import { ErrorNote } from '@/ui/ProblemNote'
import { useKeys } from '@/ui/useKeys'
import { BeliefChart } from './BeliefChart'
import { first, following, seatOf } from './places'
import { TryAnswered } from './TryAnswered'
import { Repairs } from './Repairs'
import { TryPlaces } from './TryPlaces'
import { TryWords } from './TryWords'
import { useNoteTry } from './useNoteTry'

/** One try: what was tried, the word for it, what was measured; then what it changed. */
export function TryForm({ revision }: { readonly revision: RevisionView }) {
  const { places } = revision
  const [chosen, setChosen] = useState<string>()
  const place = places.find((p) => p.slot === chosen) ?? first(places)
  const { slot, measured } = place
  const [said, setSaid] = useState<TryChoice | null>(null)
  const [printed, setPrinted] = useState('')
  const [worked, setWorked] = useState(false)
  const [remark, setRemark] = useState('')
  const [photo, setPhoto] = useState<File | null>(null)
  const [instrument, setInstrument] = useInstrument('outside', 'caliper')
  const { leading } = useLeading()
  const size = useRef<HTMLDivElement>(null)
  const choose = (to: string) => {
    setChosen(to)
    setSaid(null)
    setWorked(false)
  }
  const note = useNoteTry(() => {
    choose(following(places, place).slot)
    setPrinted('')
    setRemark('')
    setPhoto(null)
  })
  // A caliper types digits: they are what it reads on the print.
  useKeys({
    digit: (event) => {
      if (measured === null) return
      setPrinted(event.key)
      size.current?.querySelector('input')?.focus()
    },
  })
  const problem = note.error instanceof ApiProblem ? note.error : undefined
  const sized = measured !== null && printed.trim() !== ''
  const ready = worked ? sized : said !== null || sized
  const noted = note.data && seatOf(note.variables.entry.slot) === seatOf(slot) ? note.data : undefined
  const believed = noted?.believedAfter ?? place.believed
  const shown = places.filter((p) => p.drawn !== null && seatOf(p.slot) === seatOf(slot))
  return (
    <form
      className="flex flex-col gap-5"
      onSubmit={(event) => {
        event.preventDefault()
        if (!ready || note.isPending) return
        const read = sized ? { printed, instrument, leading } : { printed: null, instrument: null, leading: null }
        note.mutate({
          entry: {
            revision: revision.number,
            slot,
            feel: said?.feel ?? null,
            word: said?.word ?? null,
            ...read,
            remark,
            worked: worked && measured !== null,
          },
          photo,
        })
      }}
    >
      <TryPlaces places={places} chosen={slot} onChoose={choose} />
      <TryWords key={slot} choices={place.choices} said={said} onSay={setSaid} />
      {measured !== null && (
        <label className="flex items-center gap-3">
          <input type="checkbox" className="checkbox" checked={worked} onChange={() => setWorked(!worked)} />I have worked it by hand:
          sanded, reamed, taped
        </label>
      )}
      {measured !== null && (
        <div className="flex flex-wrap items-end gap-2" ref={size}>
          <div className="grow">
            <Field
              label={worked ? `${capital(measured)} now` : `Printed ${measured}, if you measured it`}
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
        Note the try <kbd className="kbd kbd-sm text-base-content">Enter</kbd>
      </button>
      {place.like && <TryHelps helps={[place.like]} />}
      {note.data && <TryAnswered answer={note.data} />}
      <Repairs revision={revision.number} places={places} />
      {believed && (
        <BeliefChart
          before={noted?.believedBefore ?? null}
          now={believed}
          rungs={shown.map((p) => ({ size: p.drawn!, name: p.step?.match(/\d+$/)?.[0] ?? 'as printed', chosen: p.slot === slot }))}
        />
      )}
      {measured !== null && <TriesOn />}
    </form>
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
