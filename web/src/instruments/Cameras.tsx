import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiProblem, api, sendFile } from '@/api/client'
import { cameras } from '@/api/queries'
import type { CameraKnown } from '@/api/types'
import { AwayList } from '@/ui/AwayList'
import { Busy } from '@/ui/Busy'
import { FileButton } from '@/ui/FileButton'
import { Loading } from '@/ui/Loading'
import { day } from '@/ui/moments'
import { Printed } from '@/ui/Printed'
import { ErrorNote, ProblemNote } from '@/ui/ProblemNote'
import { useAway } from '@/ui/useAway'

/** Cameras whose lens is told by photographs of a sheet of marks: then one photograph tells from how high it was taken. */
export function Cameras() {
  const list = useQuery(cameras)
  const shelf = useAway('cameras')
  return (
    <section className="flex flex-col gap-3 pt-4" aria-label="Cameras">
      <h2 className="text-xl font-bold">Cameras</h2>
      <p className="quiet max-w-3xl">
        What is photographed on a sheet of marks and has a height is seen aside of where it is, by as much as the camera stood low. A camera
        whose lens is known tells how high it stood: photograph a sheet of marks (<Printed name="a4">A4</Printed>,{' '}
        <Printed name="letter">Letter</Printed>) with it four times or more, unzoomed, each time tilted by 20 to 40 degrees to another side.
      </p>
      {list.isPending && <Loading what="the cameras" className="h-16" />}
      {list.isError && <ErrorNote error={list.error} />}
      {list.data
        ?.filter((c) => !shelf.isAway(c.id))
        .map((c) => (
          <Lens key={c.id} camera={c} onPutAway={() => shelf.put(c.id, true)} />
        ))}
      {shelf.error && <ErrorNote error={shelf.error} />}
      <AwayList thing="cameras" all={list.data ?? []} called="of the cameras" />
      <Another />
    </section>
  )
}

function Another() {
  const client = useQueryClient()
  const [name, setName] = useState('')
  const add = useMutation({
    mutationFn: () => api.POST('/api/cameras', { body: { name } }),
    onSuccess: () => {
      setName('')
      return client.invalidateQueries({ queryKey: ['cameras'] })
    },
  })
  const wrong = add.error instanceof ApiProblem ? add.error.at('name') : undefined
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        add.mutate()
      }}
    >
      <label className="flex items-center gap-2">
        <span className="quiet">Name of the camera</span>
        <input className="input w-56" value={name} aria-invalid={wrong !== undefined} onChange={(e) => setName(e.target.value)} />
      </label>
      <button className="btn btn-outline" disabled={add.isPending}>
        Add a camera
      </button>
      {wrong ? <ProblemNote problem={wrong} /> : add.isError && <ErrorNote error={add.error} />}
    </form>
  )
}

/** Sides that a camera which needs none looks from, in turn, degrees. */
const tilts = [-30, 25, -20, 35, -35, 20]

type LensProps = { readonly camera: CameraKnown; readonly onPutAway: () => void }

function Lens({ camera, onPutAway }: LensProps) {
  const client = useQueryClient()
  const onSuccess = () => client.invalidateQueries({ queryKey: ['cameras'] })
  const take = useMutation({ mutationFn: (file: File) => sendFile<CameraKnown>(`/api/cameras/${camera.id}/photographs`, file), onSuccess })
  const standIn = useMutation({
    mutationFn: async () => {
      const tilt = tilts[camera.photographs.length % tilts.length]!
      const answer = await fetch(`/api/devices/camera/600/photograph.jpg?tilt=${tilt}&zoomed=false`)
      if (!answer.ok) throw new Error('The stand-in camera does not answer.')
      return new File([await answer.blob()], 'stand-in camera.jpg', { type: 'image/jpeg' })
    },
    onSuccess: (file) => take.mutate(file),
  })
  const out = useMutation({
    mutationFn: (id: string) => api.DELETE('/api/cameras/photographs/{id}', { params: { path: { id } } }),
    onSuccess,
  })
  const busy = take.isPending || standIn.isPending
  const error = take.error ?? standIn.error ?? out.error
  return (
    <div className="bg-base-200 flex flex-col gap-2 rounded-md px-3 py-2" role="group" aria-label={camera.name}>
      <div className="flex flex-wrap items-center gap-3">
        <h3 className="text-base font-bold">{camera.name}</h3>
        <p role="status">{camera.says}</p>
        <button className="btn btn-ghost btn-sm ml-auto" aria-label={`Put away ${camera.name}`} onClick={onPutAway}>
          Put away
        </button>
      </div>
      {camera.photographs.length > 0 && (
        <ul className="flex flex-wrap gap-2">
          {camera.photographs.map((p, i) => (
            <li key={p.id} className="flex items-center gap-1 text-sm">
              <span>
                {i + 1}. {p.marks} marks, {day(p.at)}
              </span>
              <button
                className="btn btn-ghost btn-sm"
                aria-label={`Take out photograph ${i + 1} of ${camera.name}`}
                onClick={() => out.mutate(p.id)}
              >
                Take out
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap items-center gap-2">
        <FileButton
          label={`Photograph of a sheet of marks by ${camera.name}`}
          accept="image/jpeg,image/png,image/webp"
          disabled={busy}
          onFile={(file) => take.mutate(file)}
        >
          Add a photograph
        </FileButton>
        <button type="button" className="btn btn-ghost" disabled={busy} onClick={() => standIn.mutate()}>
          Let the stand-in camera take one
        </button>
        {busy && <Busy what="Looking for marks" />}
      </div>
      {error && <ErrorNote error={error} />}
    </div>
  )
}
