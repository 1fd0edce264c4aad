import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiProblem, sendFile } from '@/api/client'
import type { InterfaceView, OutlineTaken, Problem } from '@/api/types'
import { Busy } from '@/ui/Busy'
import { FileButton } from '@/ui/FileButton'
import { Printed } from '@/ui/Printed'
import { ErrorNote, ProblemNote } from '@/ui/ProblemNote'
import { SeenEdge } from './SeenEdge'
import { WhichCamera } from './WhichCamera'

const sides = [
  ['flat', 'is flat on the sheet'],
  ['straight', 'has upright sides'],
  ['round', 'has round sides'],
] as const

/** How the camera's height is known. */
const knows = [
  ['camera', 'read by tape'],
  ['block', 'told by a mark on a block'],
  ['lens', 'told by its lens'],
] as const

type Known = (typeof knows)[number][0]

type Asked = {
  readonly file: File
  readonly stands: string
  readonly height: string
  readonly by: Known
  readonly from: string
}

export type OutlineFromPhotographProps = {
  readonly place: InterfaceView
  readonly deviation: string
  readonly onTaken: (taken: OutlineTaken) => void
}

/** The outline of a thing that was photographed on a printed sheet of marks. */
export function OutlineFromPhotograph({ place, deviation, onTaken }: OutlineFromPhotographProps) {
  const client = useQueryClient()
  const [stands, setStands] = useState<string>('flat')
  const [height, setHeight] = useState('')
  const [by, setBy] = useState<Known>('camera')
  const [from, setFrom] = useState({ camera: '', block: '', lens: '' })
  const take = useMutation({
    mutationFn: ({ file, stands, height, by, from }: Asked) => {
      const asked = new URLSearchParams({ name: file.name, deviation, sides: stands })
      if (stands !== 'flat') {
        asked.set('height', height)
        if (from) asked.set(by, from)
      }
      return sendFile<OutlineTaken>(`/api/interfaces/${place.id}/outlines/photographs?${asked}`, file)
    },
    onSuccess: (taken) => {
      onTaken(taken)
      return client.invalidateQueries()
    },
  })
  // A hook of 12 mm under a camera that needs none, to see how it goes.
  const standIn = useMutation({
    mutationFn: async () => {
      const answer = await fetch('/api/devices/camera/450/photograph.jpg?thick=12&block=40&zoomed=false')
      if (!answer.ok) throw new Error('The stand-in camera does not answer.')
      return new File([await answer.blob()], 'stand-in camera.jpg', { type: 'image/jpeg' })
    },
    onSuccess: (file) => {
      setStands('straight')
      setHeight('12')
      const known = { camera: '450', block: '40', lens: from.lens }
      setFrom(known)
      take.mutate({ file, stands: 'straight', height: '12', by, from: known[by] })
    },
  })
  const problem = (field: string) => (take.error instanceof ApiProblem ? take.error.at(field) : undefined)
  const [ofHeight, ofCamera, ofBlock, ofLens] = [problem('height'), problem('camera'), problem('block'), problem('lens')]
  return (
    <details className="flex flex-col gap-2" open={take.isError || take.isSuccess || undefined}>
      <summary className="min-h-8 cursor-pointer">From a photograph</summary>
      <div className="flex flex-col gap-2 pt-1">
        <p>
          Print a sheet of marks (<Printed name="a4">A4</Printed>, <Printed name="letter">Letter</Printed>), lay the thing on its white
          middle, and photograph the whole sheet from above, uncropped. For what is longer, two or three sheets are joined (
          <Printed name="a4-long">long A4</Printed>, <Printed name="letter-long">long Letter</Printed>).
        </p>
        <label className="flex items-center gap-2">
          <span className="quiet">The thing</span>
          <select className="select grow" value={stands} onChange={(e) => setStands(e.target.value)}>
            {sides.map(([key, label]) => (
              <option key={key} value={key}>
                {label}
              </option>
            ))}
          </select>
        </label>
        {stands !== 'flat' && (
          <>
            <SizeField label="It is high" value={height} onChange={setHeight} example="12.5" problem={ofHeight} />
            <label className="flex items-center gap-2">
              <span className="quiet">The camera&apos;s height is</span>
              <select className="select grow" value={by} onChange={(e) => setBy(e.target.value as Known)}>
                {knows.map(([key, label]) => (
                  <option key={key} value={key}>
                    {label}
                  </option>
                ))}
              </select>
            </label>
            {by === 'lens' && (
              <WhichCamera value={from.lens} onChange={(lens) => setFrom({ ...from, lens })} problem={ofLens ?? ofCamera} />
            )}
            {by === 'camera' && (
              <SizeField
                label="From sheet to lens, by tape"
                value={from.camera}
                onChange={(camera) => setFrom({ ...from, camera })}
                example="450"
                problem={ofCamera}
              />
            )}
            {by === 'block' && (
              <>
                <p>
                  Print the <Printed name="block">mark for a block</Printed>, and lay it on a block beside the thing.
                </p>
                <SizeField
                  label="The block is high"
                  value={from.block}
                  onChange={(block) => setFrom({ ...from, block })}
                  example="40"
                  problem={ofBlock ?? ofCamera}
                />
              </>
            )}
          </>
        )}
        <FileButton
          label="Photograph on a sheet of marks"
          accept="image/jpeg,image/png,image/webp"
          disabled={take.isPending}
          onFile={(file) => take.mutate({ file, stands, height, by, from: from[by] })}
        >
          Take it from a photograph
        </FileButton>
        <button
          type="button"
          className="btn btn-ghost w-fit"
          disabled={take.isPending || standIn.isPending}
          onClick={() => standIn.mutate()}
        >
          Let the stand-in camera take one of a hook
        </button>
        {(take.isPending || standIn.isPending) && <Busy what="Looking for marks and edge" />}
        {take.data && !take.isPending && (
          <>
            <p role="status">{take.data.says}</p>
            {take.data.seen && <SeenEdge seen={take.data.seen} />}
          </>
        )}
        {standIn.error && <ErrorNote error={standIn.error} />}
        {take.error && !ofHeight && !ofCamera && !ofBlock && !ofLens && <ErrorNote error={take.error} />}
      </div>
    </details>
  )
}

type SizeFieldProps = {
  readonly label: string
  readonly value: string
  readonly onChange: (value: string) => void
  readonly example: string
  readonly problem: Problem | undefined
}

function SizeField({ label, value, onChange, example, problem }: SizeFieldProps) {
  return (
    <label className="flex flex-col gap-1">
      <span className="flex items-center gap-2">
        <span className="quiet">{label}</span>
        <input
          className="input figure w-32"
          value={value}
          placeholder={example}
          aria-invalid={problem !== undefined}
          onChange={(e) => onChange(e.target.value)}
        />
        <span className="quiet">mm</span>
      </span>
      {problem && <ProblemNote problem={problem} />}
    </label>
  )
}
