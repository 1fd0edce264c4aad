import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useId, useRef, useState } from 'react'
import { ApiProblem, sendJson } from '@/api/client'
import { refreshReadings } from '@/api/refresh'
import { readLength } from '@/api/queries'
import type { DimensionView, InterfaceView } from '@/api/types'
import { Figure } from '@/ui/Figure'
import { ErrorNote, ProblemNote } from '@/ui/ProblemNote'
import { useLeading } from '@/ui/leading'
import { InstrumentSelect, useInstrument } from './InstrumentSelect'

export type ReadingEntryProps = {
  readonly place: InterfaceView
  readonly dimension: DimensionView
  /** What a key has begun to type; `null` leaves the focus where it is. */
  readonly start: string | null
  readonly onTaken: (place: InterfaceView) => void
}

/** One large field. A caliper that types digits and Enter is all it needs. */
export function ReadingEntry({ place, dimension, start, onTaken }: ReadingEntryProps) {
  const [text, setText] = useState(start ?? '')
  const [instrument, setInstrument] = useInstrument(dimension.key)
  const field = useRef<HTMLInputElement>(null)
  const note = useId()
  const { leading } = useLeading()
  const client = useQueryClient()
  useEffect(() => {
    if (start !== null) field.current?.focus()
  }, [start])
  const take = useMutation({
    mutationFn: () =>
      sendJson<InterfaceView>('POST', `/api/interfaces/${place.id}/readings`, { dimension: dimension.key, text, instrument, leading }),
    onSuccess: async (updated) => {
      await refreshReadings(client)
      onTaken(updated)
    },
  })
  const problem = take.error instanceof ApiProblem ? take.error.problems[0] : undefined
  return (
    <form
      className="bg-base-200 flex flex-col gap-2 rounded-md p-4"
      onSubmit={(event) => {
        event.preventDefault()
        take.mutate()
      }}
    >
      <label className="flex flex-col gap-1">
        <span className="text-lg font-semibold">{dimension.label}</span>
        <span className="quiet text-sm">{dimension.how}</span>
        <input
          ref={field}
          className="input figure h-16 w-full text-3xl"
          value={text}
          onChange={(e) => setText(e.target.value)}
          placeholder={leading === 'metric' ? '51.2' : '2 1/64'}
          aria-label={`Reading of ${dimension.label}`}
          aria-invalid={problem !== undefined}
          aria-describedby={note}
          inputMode="text"
          autoComplete="off"
        />
      </label>
      <div id={note} className="min-h-12">
        {problem ? <ProblemNote problem={problem} /> : take.isError ? <ErrorNote error={take.error} /> : <BothUnits text={text} />}
      </div>
      <div className="flex gap-3">
        <InstrumentSelect value={instrument} onChange={setInstrument} />
        <button className="btn btn-primary" disabled={take.isPending || text.trim() === ''}>
          Take the reading
        </button>
      </div>
    </form>
  )
}

/** The entry in both unit systems while it is typed. */
function BothUnits({ text }: { readonly text: string }) {
  const { leading } = useLeading()
  const length = useQuery({ ...readLength(text, leading), enabled: text.trim() !== '' })
  if (text.trim() === '') return <span className="quiet text-sm">Any notation: 51.2, 2 1/64, 3.25in, 31*2+0.8</span>
  return length.data ? <Figure metric={length.data.metric} inches={length.data.inches} /> : null
}
