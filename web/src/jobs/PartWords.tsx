import { useQuery } from '@tanstack/react-query'
import { families, machinesWith } from '@/api/queries'
import type { InterfaceSlot, MachineSummary, ParameterSpec, TakenSlot } from '@/api/types'
import { Percent } from '@/ui/Percent'
import { Words } from './Asked'
import { dragged, isAsked, withSlot } from './slots'
import { TakenSelect } from './TakenSelect'
import { offersOf, withTaken } from './taking'
import { Word } from './Word'
import { useWork } from './useWork'

/** The part as sentences whose words can be changed: one for each end that joins, and one for what is not on the drawing. */
export function PartWords({ drawn }: { readonly drawn: boolean }) {
  const work = useWork()
  const { family, design } = work
  // What the drawing or the list beside it shows is edited there; where neither is seen, everything stands here.
  const shown = new Set(drawn ? [...(design?.drawing?.callouts.map((c) => c.parameter) ?? []), ...dragged(design)] : [])
  const rest = family.parameters.filter((p) => p.askedAt === 'reckon' && !shown.has(p.key) && p.slot === null && !(drawn && waits(p)))
  const joins = (slot: InterfaceSlot) => slot.sentence.length > 0
  return (
    <div className="flex max-h-48 flex-col gap-2 overflow-auto px-4 pb-3">
      <div className="grid grid-cols-1 gap-x-6 gap-y-2 empty:hidden md:grid-cols-2">
        {family.slots.filter(joins).map((slot) => (
          <JoinSentence key={slot.key} slot={slot} />
        ))}
      </div>
      <div
        className="bg-base-200 flex flex-wrap items-center gap-x-3 gap-y-2 rounded-md px-3 py-2 empty:hidden"
        role="group"
        aria-label="Made so"
      >
        {family.takes.map((slot) => (
          <TakenWord key={slot.key} slot={slot} />
        ))}
        {family.slots
          .filter((slot, i) => !joins(slot) && isAsked(family, i, work.shown))
          .map((slot) => (
            <SlotWords key={slot.key} slot={slot} />
          ))}
        <Words specs={rest} />
      </div>
    </div>
  )
}

/** A value that a choice brings into play is on the drawing as soon as it counts. */
const waits = (spec: ParameterSpec) => Object.keys(spec.sets).length > 0

/** An end, in the family's own sentence: goes over the spigot, snug, held by a clamp. */
function JoinSentence({ slot }: { readonly slot: InterfaceSlot }) {
  const { design } = useWork()
  const seat = design?.seats.find((s) => s.slot === slot.key)
  const place = slot.sentence.findIndex((word) => word.kind === 'place')
  const words = (from: number, to: number) =>
    slot.sentence.slice(from, to).map((word) => <SentenceWord key={word.text} word={word} slot={slot} />)
  return (
    <div className="bg-base-200 rounded-md px-3 py-2" role="group" aria-label={slot.label}>
      <div className="grid auto-cols-auto grid-flow-col grid-cols-[auto_minmax(0,1fr)] items-center gap-2">{words(0, place + 1)}</div>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {words(place + 1, slot.sentence.length)}
        {seat && (
          <span className="quiet ml-auto text-sm">
            chance <Percent share={seat.chance} />
          </span>
        )}
      </div>
    </div>
  )
}

type SentenceWordProps = { readonly word: InterfaceSlot['sentence'][number]; readonly slot: InterfaceSlot }

function SentenceWord({ word, slot }: SentenceWordProps) {
  const work = useWork()
  if (word.kind === 'place') return <PlaceWord slot={slot} wide />
  if (word.kind === 'said') return <span className="quiet text-sm">{word.text}</span>
  return <Word spec={work.family.parameters.find((s) => s.key === word.text)!} />
}

/** A place, and what is decided about it once it is named. */
function SlotWords({ slot }: { readonly slot: InterfaceSlot }) {
  const work = useWork()
  const specs = work.family.parameters.filter((p) => p.slot === slot.key && p.askedAt === 'reckon' && !dragged(work.design).includes(p.key))
  return (
    <>
      <span className="flex items-center gap-2">
        <span className="quiet">{slot.label}</span>
        <PlaceWord slot={slot} />
      </span>
      {work.editing.draft.present.interfaces[slot.key] && specs.length > 0 && <Words specs={specs} />}
    </>
  )
}

type PlaceWordProps = { readonly slot: InterfaceSlot; readonly wide?: boolean }

function PlaceWord({ slot, wide = false }: PlaceWordProps) {
  const { machines, editing } = useWork()
  const state = editing.draft.present
  const offered = useQuery(machinesWith(slot.kinds, '')).data ?? []
  const suits = (list: readonly MachineSummary[]) => list.flatMap((m) => m.interfaces).filter((i) => slot.kinds.includes(i.kind))
  const places = suits(offered).concat(suits(machines).filter((i) => suits(offered).every((o) => o.id !== i.id)))
  return (
    <select
      className={`select ${wide ? 'w-full' : 'w-56'}`}
      aria-label={`Place of the ${slot.label}`}
      value={state.interfaces[slot.key] ?? ''}
      onChange={(e) => editing.change({ ...state, interfaces: withSlot(state.interfaces, slot.key, e.target.value) }, slot.key)}
    >
      {(slot.need !== 'always' || !(slot.key in state.interfaces)) && (
        <option value="">
          {slot.need === 'later' ? 'not measured yet' : slot.need === 'sometimes' ? 'none measured' : 'open: choose a place'}
        </option>
      )}
      {places.map((i) => (
        <option key={i.id} value={i.id}>
          {i.name}
        </option>
      ))}
    </select>
  )
}

/** What is taken from another part of the job, and which part gives it. */
function TakenWord({ slot }: { readonly slot: TakenSlot }) {
  const { editing, job, part } = useWork()
  const state = editing.draft.present
  const offered = offersOf(
    job.parts.filter((p) => p.id !== part.id),
    useQuery(families).data ?? [],
    slot,
  )
  if (offered.length === 0) return null
  return (
    <label className="flex items-center gap-2">
      <span className="quiet">{slot.label}</span>
      <TakenSelect
        slot={slot}
        offered={offered}
        value={state.takes[slot.key]}
        onChange={(from) => editing.change({ ...state, takes: withTaken(state.takes, slot.key, from) }, `takes.${slot.key}`)}
      />
    </label>
  )
}
