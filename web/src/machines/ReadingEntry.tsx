import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useId, useRef, useState } from 'react'
import { api, ApiProblem, got } from '@/api/client'
import { refreshReadings } from '@/api/refresh'
import { readEntry } from '@/api/queries'
import type { Access, DimensionView, InterfaceView } from '@/api/types'
import { Figure } from '@/ui/Figure'
import { ErrorNote, ProblemNote } from '@/ui/ProblemNote'
import { useLeading } from '@/ui/leading'
import { useKeys } from '@/ui/useKeys'
import { InstrumentSelect, useInstrument } from './InstrumentSelect'
import { StandIn, standInFor } from './StandIn'
import { counting, wanted } from './nextDimension'

export type ReadingEntryProps = {
  readonly place: InterfaceView
  readonly dimension: DimensionView
  /** What a key has begun to type; `null` leaves the focus where it is. */
  readonly start: string | null
  /** Whether the stand-in device is in the hand; it stays there from one dimension to the next. */
  readonly device: boolean
  readonly onDevice: (inHand: boolean) => void
  readonly onTaken: (place: InterfaceView) => void
  /** Leaves this dimension with the readings it has. */
  readonly onMoveOn: () => void
}

type Entry = { readonly text: string; readonly remark: string; readonly direction: string }

const nothing: Entry = { text: '', remark: '', direction: '' }

const examples: Readonly<Partial<Record<Access, string>>> = { angle: "25.5 or 25° 30'", mass: '130 g, 0.9 kg, 2 lb 3 oz', count: '8' }

/** One large field. A caliper that types digits and Enter is all it needs. */
export function ReadingEntry({ place, dimension, start, device, onDevice, onTaken, onMoveOn }: ReadingEntryProps) {
  const [entry, setEntry] = useState<Entry>({ ...nothing, text: start ?? '' })
  const latest = useRef(entry)
  const change = (next: Entry) => {
    latest.current = next
    setEntry(next)
  }
  const best = dimension.ways.find((w) => w.readings[0]?.dimension === dimension.key)?.readings[0]?.instrument
  const [instrument, setInstrument] = useInstrument(dimension.access, best)
  const field = useRef<HTMLInputElement>(null)
  const note = useId()
  const { leading } = useLeading()
  const client = useQueryClient()
  const standIn = standInFor(dimension.access)
  useKeys(standIn && !device ? { c: () => onDevice(true) } : {})
  // A device in the hand has the keys until something is typed.
  const waits = start === '' && standIn !== null && device
  useEffect(() => {
    if (start !== null && !waits) field.current?.focus()
  }, [start, waits])
  const take = useMutation({
    mutationFn: ({ direction, ...reading }: Entry & { readonly instrument: string }) =>
      got(
        api.POST('/api/interfaces/{id}/readings', {
          params: { path: { id: place.id } },
          body: {
            dimension: dimension.key,
            ...reading,
            leading,
            direction: direction.trim() === '' ? null : Number(direction),
          },
        }),
      ),
    // Not waited for: between its answer and the figures asked anew, a second Enter would take the same reading twice.
    onSuccess: () => void refreshReadings(client),
  })
  const untouched = () => Object.values(latest.current).every((typed) => typed === '')
  // Whoever has moved on meanwhile is not called back, and whoever types on meant this dimension: neither is led away.
  const send = (text: string, by: string, left = '') => {
    change({ ...nothing, text: left })
    take.mutate(
      { ...entry, text, instrument: by },
      { onSuccess: (taken) => untouched() && onTaken(taken), onError: () => untouched() && change(entry) },
    )
  }
  const problem = take.error instanceof ApiProblem ? take.error.problems[0] : undefined
  return (
    <form
      className="bg-base-200 flex flex-col gap-2 rounded-md p-4"
      aria-busy={take.isPending}
      onSubmit={(event) => {
        event.preventDefault()
        if (!take.isPending && entry.text.trim() !== '') send(entry.text, instrument)
      }}
    >
      <label className="flex flex-col gap-1">
        <span className="flex items-baseline justify-between gap-3">
          <span className="text-lg font-semibold">{dimension.label}</span>
          <Dots dimension={dimension} />
        </span>
        <span className="quiet text-sm">{dimension.how}</span>
        <input
          ref={field}
          className="input figure h-16 w-full text-3xl"
          value={entry.text}
          onChange={(e) => change({ ...entry, text: e.target.value })}
          onKeyDown={(e) => {
            if (e.key !== 'Enter' || entry.text.trim() !== '') return
            e.preventDefault()
            if (!take.isPending) onMoveOn()
          }}
          placeholder={examples[dimension.access]?.split(/,| or/)[0] ?? (leading === 'metric' ? '51.2' : '2 1/64')}
          aria-label={`Reading of ${dimension.label}`}
          aria-invalid={problem !== undefined}
          aria-describedby={note}
          inputMode="text"
          autoComplete="off"
        />
      </label>
      <div id={note} className="min-h-12">
        {problem ? (
          <ProblemNote problem={problem} />
        ) : take.isError ? (
          <ErrorNote error={take.error} />
        ) : (
          <AsRead text={entry.text} access={dimension.access} />
        )}
      </div>
      {standIn && device && (
        <StandIn
          key={dimension.key}
          device={standIn}
          place={place.id}
          dimension={dimension}
          busy={take.isPending}
          onTake={(shown) => send(shown, `stand-in-${standIn}`, entry.text)}
          onPutDown={() => onDevice(false)}
        />
      )}
      <div className="flex gap-3">
        <InstrumentSelect access={dimension.access} value={instrument} onChange={setInstrument} />
        <button className="btn btn-primary" disabled={take.isPending || entry.text.trim() === ''}>
          Take the reading
        </button>
      </div>
      <details>
        <summary className="quiet min-h-8 cursor-pointer text-sm">Remark, or the angle around a round place</summary>
        <div className="flex flex-wrap gap-2 pt-1">
          <input
            className="input min-w-40 grow"
            value={entry.remark}
            onChange={(e) => change({ ...entry, remark: e.target.value })}
            placeholder="beside the weld"
            aria-label="Remark"
          />
          <input
            className="input figure w-24"
            value={entry.direction}
            onChange={(e) => change({ ...entry, direction: e.target.value.replace(/[^\d.]/g, '') })}
            placeholder="at 0°"
            aria-label="At which angle, degrees"
          />
        </div>
      </details>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-ghost w-fit" onClick={onMoveOn}>
          On to the next <kbd className="kbd kbd-sm">n</kbd>
        </button>
        {standIn && !device && (
          <button type="button" className="btn btn-ghost w-fit" onClick={() => onDevice(true)}>
            Take up the stand-in {standIn} <kbd className="kbd kbd-sm">c</kbd>
          </button>
        )}
      </div>
    </form>
  )
}

/** Readings taken and still wanted, as dots. */
function Dots({ dimension }: { readonly dimension: DimensionView }) {
  const [taken, want] = [counting(dimension), wanted(dimension)]
  return (
    <span className="flex gap-1.5" role="img" aria-label={`${taken} of ${want} readings`}>
      {Array.from({ length: Math.max(want, Math.min(taken, 8)) }, (_, i) => (
        <span key={i} className={`border-primary size-3 rounded-full border-2 ${i < taken ? 'bg-primary' : ''}`} />
      ))}
    </span>
  )
}

/** The entry in both unit systems while it is typed, and its exact half. */
function AsRead({ text, access }: { readonly text: string; readonly access: Access }) {
  const { leading } = useLeading()
  const entry = useQuery({ ...readEntry(text, leading, access), enabled: text.trim() !== '' })
  if (text.trim() === '') return <span className="quiet text-sm">Any notation: {examples[access] ?? '51.2, 2 1/64, 3.25in, 31*2+0.8'}</span>
  if (entry.error instanceof ApiProblem && entry.error.problems[0])
    return <span className="quiet text-sm">{entry.error.problems[0].remedy}</span>
  if (!entry.data) return null
  return (
    <div className="flex flex-wrap items-start justify-between gap-x-6">
      <Figure metric={entry.data.metric} inches={entry.data.inches} />
      {entry.data.half && <span className="quiet figure text-sm">half is {entry.data.half}</span>}
    </div>
  )
}
