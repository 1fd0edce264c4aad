import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, got, sendFile } from '@/api/client'
import type { FlatPicture, InterfaceView, OutlineTaken } from '@/api/types'
import { Busy } from '@/ui/Busy'
import { Figure } from '@/ui/Figure'
import { FileButton } from '@/ui/FileButton'
import { ErrorNote } from '@/ui/ProblemNote'
import { CornerEditor, type Corner } from './CornerEditor'
import { Deviation } from './Deviation'
import { OutlineFromPhotograph } from './OutlineFromPhotograph'
import { OutlineFromScan } from './OutlineFromScan'

/** The outline of a place that no caliper can say: where it comes from, and a button for a drawing of it. */
export function OutlineFrom({ place }: { readonly place: InterfaceView }) {
  const client = useQueryClient()
  const [deviation, setDeviation] = useState('0.1')
  const [moving, setMoving] = useState(false)
  const take = useMutation({
    mutationFn: (file: File) =>
      sendFile<OutlineTaken>(`/api/interfaces/${place.id}/outlines?name=${encodeURIComponent(file.name)}&deviation=${deviation}`, file),
    onSuccess: () => client.invalidateQueries(),
  })
  const mirror = useMutation({
    mutationFn: () => api.POST('/api/interfaces/{id}/outlines/mirrorings', { params: { path: { id: place.id } } }),
    onSuccess: () => client.invalidateQueries(),
  })
  // The photograph lies behind the outline that was taken from it, and behind what it is moved to.
  const smooth = useMutation({
    mutationFn: () =>
      got(
        api.POST('/api/interfaces/{id}/outlines/smoothings', {
          params: { path: { id: place.id }, query: { within: Number(deviation) } },
        }),
      ),
    onSuccess: () => {
      setChanged(true)
      return client.invalidateQueries()
    },
  })
  const [behind, setBehind] = useState<{ readonly mark: string; readonly flat: FlatPicture } | null>(null)
  // Moved or evened here, it can be taken back.
  const [changed, setChanged] = useState(false)
  const back = useMutation({
    mutationFn: (mark: string) =>
      got(api.POST('/api/interfaces/{id}/outlines/returns', { params: { path: { id: place.id } }, body: { mark } })),
    onSuccess: () => {
      setChanged(false)
      return client.invalidateQueries()
    },
  })
  const move = useMutation({
    mutationFn: ({ mark, corners }: { readonly mark: string; readonly corners: readonly Corner[] }) =>
      got(
        api.POST('/api/interfaces/{id}/outlines/corners', {
          params: { path: { id: place.id } },
          body: { points: corners.map((corner) => ({ ...corner })), mark },
        }),
      ),
    onSuccess: (moved, { mark, corners }) => {
      setChanged(true)
      const [left, low] = [Math.min(...corners.map((c) => c.x)), Math.min(...corners.map((c) => c.y))]
      if (behind?.mark === mark && moved.outline)
        setBehind({ mark: moved.outline.mark, flat: { ...behind.flat, left: behind.flat.left - left, low: behind.flat.low - low } })
      return client.invalidateQueries()
    },
  })
  const drawn = place.outline
  const error = take.error ?? mirror.error ?? smooth.error ?? back.error ?? move.error
  return (
    <section aria-label="Outline" className="bg-base-200 flex flex-col gap-2 rounded p-3">
      {drawn ? (
        <>
          <p>
            {drawn.corners} corners from <span className="font-semibold">{drawn.source}</span>, as drawn
          </p>
          <p className="flex items-center gap-2">
            <Figure {...drawn.across} /> × <Figure {...drawn.along} />
          </p>
        </>
      ) : (
        <p>
          No outline yet: give it a drawing (SVG or DXF) of the thing seen from above, a photograph, or a scan. A reading across it settles
          the scale.
        </p>
      )}
      <div className="flex flex-wrap items-center gap-2">
        <FileButton label="Drawing" accept=".svg,.dxf,image/svg+xml" disabled={take.isPending} onFile={take.mutate}>
          {drawn ? 'Take another drawing' : 'Take it from a drawing'}
        </FileButton>
        {drawn && (
          <button className="btn btn-ghost" disabled={mirror.isPending} onClick={() => mirror.mutate()}>
            Mirror it
          </button>
        )}
        {drawn && !moving && (
          <button className="btn btn-ghost" disabled={smooth.isPending} onClick={() => smooth.mutate()}>
            Even it
          </button>
        )}
        {drawn && !moving && (
          <button className="btn btn-ghost" onClick={() => setMoving(true)}>
            Move its corners
          </button>
        )}
        {drawn && changed && !moving && (
          <button className="btn btn-ghost" disabled={back.isPending} onClick={() => back.mutate(drawn.mark)}>
            Take the corners back
          </button>
        )}
        <Deviation value={deviation} onChange={setDeviation} />
      </div>
      {drawn && moving && (
        <CornerEditor
          outline={drawn}
          keeping={move.isPending}
          onKeep={(from, corners) => move.mutate({ mark: from.mark, corners }, { onSuccess: () => setMoving(false) })}
          onDone={() => setMoving(false)}
          behind={behind?.mark === drawn.mark ? behind.flat : null}
        />
      )}
      <OutlineFromPhotograph
        place={place}
        deviation={deviation}
        onTaken={({ place: taken, seen }) => setBehind(seen && taken.outline ? { mark: taken.outline.mark, flat: seen.flat } : null)}
      />
      <OutlineFromScan place={place} deviation={deviation} />
      {take.isPending && <Busy what="Reading the drawing" />}
      {take.data && !take.isPending && <p role="status">{take.data.says}</p>}
      {error && <ErrorNote error={error} />}
    </section>
  )
}
