import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiProblem, sendFile } from '@/api/client'
import type { InterfaceView, OutlineTaken } from '@/api/types'
import { Busy } from '@/ui/Busy'
import { FileButton } from '@/ui/FileButton'
import { ErrorNote, ProblemNote } from '@/ui/ProblemNote'
import { SeenScan } from './SeenScan'

const units = [
  ['mm', 'millimetres'],
  ['cm', 'centimetres'],
  ['m', 'metres'],
  ['inch', 'inches'],
] as const

const ups = [
  ['flat', 'flat'],
  ['edge', 'on its long edge'],
  ['end', 'on its end'],
  ['asWritten', 'as it was written'],
] as const

/** The outline of a thing that was scanned: cut level, or all of it seen from above. The file is kept at hand, so that it can be laid and cut anew. */
export function OutlineFromScan({ place, deviation }: { readonly place: InterfaceView; readonly deviation: string }) {
  const client = useQueryClient()
  const [file, setFile] = useState<File | null>(null)
  const [laid, setLaid] = useState({ unit: 'mm', up: 'flat', over: false, turn: '0', at: '' })
  const set = (change: Partial<typeof laid>) => setLaid({ ...laid, ...change })
  const take = useMutation({
    mutationFn: (scan: File) => {
      const asked = new URLSearchParams({ name: scan.name, deviation, ...laid, over: `${laid.over}`, turn: laid.turn.trim() || '0' })
      return sendFile<OutlineTaken>(`/api/interfaces/${place.id}/outlines/scans?${asked}`, scan)
    },
    onSuccess: () => client.invalidateQueries(),
  })
  const standIn = useMutation({
    mutationFn: async () => {
      const answer = await fetch('/api/devices/scanner/grip.stl')
      if (!answer.ok) throw new Error('The stand-in scanner does not answer.')
      return new File([await answer.blob()], 'stand-in scan of a grip.stl', { type: 'model/stl' })
    },
    onSuccess: (scan) => start(scan),
  })
  const start = (scan: File) => {
    setFile(scan)
    take.mutate(scan)
  }
  const problem = (field: string) => (take.error instanceof ApiProblem ? take.error.at(field) : undefined)
  const [ofAt, ofTurn, ofUnit] = [problem('at'), problem('turn'), problem('unit')]
  return (
    <details className="flex flex-col gap-2" open={take.isError || take.isSuccess || place.isScanned || undefined}>
      <summary className="min-h-8 cursor-pointer">From a scan</summary>
      <div className="flex flex-col gap-2 pt-1">
        <p>
          {place.isScanned
            ? 'It is cleaned, laid down with its long way from left to right, and cut into sections; ' +
              'its surface is kept too, evened out and thinned. Sections across what was never scanned are marked.'
            : 'A scan (STL, OBJ or PLY) is cleaned, laid down, and cut level, or seen from above. What was never scanned is never part of the outline.'}
        </p>
        <Choice label="Its numbers are" value={laid.unit} options={units} onChange={(unit) => set({ unit })} />
        {ofUnit && <ProblemNote problem={ofUnit} />}
        <Choice label="Lay it" value={laid.up} options={ups} onChange={(up) => set({ up })} />
        <label className="flex items-center gap-2">
          <input type="checkbox" className="checkbox" checked={laid.over} onChange={(e) => set({ over: e.target.checked })} />
          <span>on its other side</span>
        </label>
        <label className="flex items-center gap-2">
          <span className="quiet">turned by</span>
          <input
            className="input figure w-24"
            value={laid.turn}
            aria-invalid={ofTurn !== undefined}
            onChange={(e) => set({ turn: e.target.value })}
          />
          <span className="quiet">degrees</span>
        </label>
        {ofTurn && <ProblemNote problem={ofTurn} />}
        {!place.isScanned && (
          <label className="flex items-center gap-2">
            <span className="quiet">cut level at</span>
            <input
              className="input figure w-36"
              value={laid.at}
              placeholder="from above"
              aria-invalid={ofAt !== undefined}
              onChange={(e) => set({ at: e.target.value })}
            />
            <span className="quiet">mm over what it lies on</span>
          </label>
        )}
        {ofAt && <ProblemNote problem={ofAt} />}
        <div className="flex flex-wrap gap-2">
          <FileButton label="Scan file" accept=".stl,.obj,.ply" disabled={take.isPending} onFile={start}>
            {file ? 'Take another scan' : 'Take it from a scan'}
          </FileButton>
          {file && (
            <button type="button" className="btn btn-primary" disabled={take.isPending} onClick={() => take.mutate(file)}>
              {place.isScanned ? 'Lay it so' : 'Lay and cut it so'}
            </button>
          )}
        </div>
        <button
          type="button"
          className="btn btn-ghost w-fit"
          disabled={take.isPending || standIn.isPending}
          onClick={() => standIn.mutate()}
        >
          Let the stand-in scanner scan a grip
        </button>
        {(take.isPending || standIn.isPending) && <Busy what="Cleaning, laying and cutting the scan" />}
        {take.data && !take.isPending && (
          <>
            <p role="status">{take.data.says}</p>
            {take.data.scan && <SeenScan seen={take.data.scan} />}
          </>
        )}
        {standIn.error && <ErrorNote error={standIn.error} />}
        {take.error && !ofAt && !ofTurn && !ofUnit && <ErrorNote error={take.error} />}
      </div>
    </details>
  )
}

type ChoiceProps = {
  readonly label: string
  readonly value: string
  readonly options: readonly (readonly [string, string])[]
  readonly onChange: (value: string) => void
}

function Choice({ label, value, options, onChange }: ChoiceProps) {
  return (
    <label className="flex items-center gap-2">
      <span className="quiet">{label}</span>
      <select className="select grow" value={value} onChange={(e) => onChange(e.target.value)}>
        {options.map(([key, text]) => (
          <option key={key} value={key}>
            {text}
          </option>
        ))}
      </select>
    </label>
  )
}
