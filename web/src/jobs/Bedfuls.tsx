import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { spools } from '@/api/queries'
import type { Part, PlacementView } from '@/api/types'
import { ErrorNote } from '@/ui/ProblemNote'
import { BedfulFiles } from './BedfulFiles'
import { BedfulPicture } from './BedfulPicture'
import { memberName } from './rows'
import { useLayout } from './useLayout'
import { useSetups } from '@/setups/useSetups'
import { useWork } from './useWork'

export type BedfulsProps = { readonly members: readonly number[] | undefined }

/** The part, its row and other parts of the job laid out on the beds of the chosen printers, with hours and spools. */
export function Bedfuls({ members }: BedfulsProps) {
  const { job, part, editing } = useWork()
  const state = editing.draft.present
  const [chosen, setChosen] = useState<readonly string[]>([state.process])
  const offered = useSetups(state.process)
  const [joined, setJoined] = useState<readonly string[]>([])
  const [most, setMost] = useState('')
  const [letters, setLetters] = useState('')
  const shelf = useQuery(spools)
  const layout = useLayout(job.id)
  const parts = job.parts.filter((p) => p.id === part.id || joined.includes(p.id))
  const inlaid = parts.some((p) => [p.state.parameters, ...(p.state.row ?? []).map((m) => m.entries)].some((e) => e.lettering === 'inlay'))
  const limit = most.trim() === '' ? null : Number(most)
  const lay = () =>
    void layout.lay({
      parts: parts.map((p) => ({ part: p.id, members: p.id === part.id && members ? [...members] : null })),
      processes: [...chosen],
      start: localNow(),
      gap: 5,
      most: limit,
      letters: inlaid ? letters : null,
    })
  const label = (at: Piece) => pieceLabel(at, parts)
  return (
    <section className="flex flex-col gap-3" aria-label="Bedfuls">
      <Several legend="Lay it out on" all={offered} chosen={chosen} onChange={setChosen} />
      {job.parts.length > 1 && (
        <Several legend="Together with" all={job.parts.filter((p) => p.id !== part.id)} chosen={joined} onChange={setJoined} />
      )}
      <label className="flex flex-wrap items-center gap-3">
        <span className="text-lg">At most</span>
        <input
          className="input figure w-20"
          inputMode="numeric"
          value={most}
          placeholder="all"
          aria-label="Pieces on one bed at most"
          aria-invalid={limit !== null && !Number.isInteger(limit)}
          onChange={(e) => setMost(e.target.value)}
        />
        <span className="quiet">
          {limit !== null && !(Number.isInteger(limit) && limit > 0)
            ? `“${most}” is no number of pieces: give a whole number, or leave it open.`
            : 'pieces on one bed'}
        </span>
      </label>
      {inlaid && (
        <label className="flex flex-wrap items-center gap-3">
          <span className="text-lg">Letters in</span>
          <input
            className="input w-44"
            value={letters}
            placeholder="colour of a spool"
            aria-label="Colour of the letters"
            list="spool-colours"
            onChange={(e) => setLetters(e.target.value)}
          />
          <datalist id="spool-colours">
            {[...new Set((shelf.data ?? []).map((s) => s.colour))].map((c) => (
              <option key={c} value={c} />
            ))}
          </datalist>
        </label>
      )}
      <button
        className="btn btn-outline"
        disabled={
          layout.step !== null || editing.unsaved || chosen.length === 0 || (limit !== null && !(Number.isInteger(limit) && limit > 0))
        }
        onClick={lay}
      >
        Lay out the bedfuls
      </button>
      {layout.step && (
        <div className="flex flex-col gap-1">
          <div className="flex items-center justify-between gap-3" role="status">
            <span className="quiet">{layout.step.doing}…</span>
            <button className="btn btn-ghost" onClick={layout.stop}>
              Stop
            </button>
          </div>
          <progress className="progress progress-primary w-full" value={layout.step.share} max={1} aria-label="Laying out" />
        </div>
      )}
      {layout.error && <ErrorNote error={layout.error} />}
      {layout.done && (
        <>
          <p className="text-lg">{layout.done.says}</p>
          {layout.done.tooLarge.length > 0 && (
            <p role="alert" className="text-error">
              Too large for every bed: {layout.done.tooLarge.map((at) => named(at, parts)).join(', ')}.
            </p>
          )}
          {parts.length > 1 && <p className="quiet">{parts.map((p, i) => `${letter(i)} ${p.name}`).join(', ')}</p>}
          <ol className="flex flex-col gap-4">
            {layout.done.bedfuls.map((bedful, i) => (
              <li key={i}>
                <BedfulPicture bedful={bedful} number={i + 1} label={label} />
                <BedfulFiles job={job} bedful={bedful} name={`Bedful ${i + 1}`} />
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  )
}

type SeveralProps = {
  readonly legend: string
  readonly all: readonly { readonly id: string; readonly name: string }[]
  readonly chosen: readonly string[]
  readonly onChange: (chosen: readonly string[]) => void
}

/** A choice of several. */
function Several({ legend, all, chosen, onChange }: SeveralProps) {
  return (
    <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
      <legend className="mb-1 text-lg">{legend}</legend>
      {all.map(({ id, name }) => (
        <label key={id} className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox checkbox-primary"
            checked={chosen.includes(id)}
            onChange={() => onChange(chosen.includes(id) ? chosen.filter((x) => x !== id) : [...chosen, id])}
          />
          {name}
        </label>
      ))}
    </fieldset>
  )
}

type Piece = Pick<PlacementView, 'part' | 'member'>

const letter = (i: number) => String.fromCharCode(65 + i)

/** What is written on a piece: its number in the row, and a letter where several parts lie together. */
function pieceLabel({ part, member }: Piece, parts: readonly Part[]): string {
  const at = parts.findIndex((p) => p.id === part)
  const inRow = (parts[at]?.state.row ?? []).length > 0
  return `${parts.length > 1 ? letter(at) : ''}${inRow ? member : ''}`
}

/** A piece in words. */
function named({ part, member }: Piece, parts: readonly Part[]): string {
  const of = parts.find((p) => p.id === part)
  const item = of?.state.row?.[member - 1]
  return item ? memberName(item, member) : (of?.name ?? 'the part')
}

/** This moment with the workshop's own offset, as the planner wants it. */
function localNow(): string {
  const now = new Date()
  const offset = -now.getTimezoneOffset()
  const two = (n: number) => String(Math.floor(Math.abs(n))).padStart(2, '0')
  const local = new Date(now.getTime() + offset * 60_000).toISOString().slice(0, 19)
  return `${local}${offset < 0 ? '-' : '+'}${two(offset / 60)}:${two(offset % 60)}`
}
