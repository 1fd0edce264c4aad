import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { sendJson } from '@/api/client'
import { spools } from '@/api/queries'
import type { BedfulsView } from '@/api/types'
import { Busy } from '@/ui/Busy'
import { ErrorNote } from '@/ui/ProblemNote'
import { BedfulPicture } from './BedfulPicture'
import { memberName } from './rows'
import type { Work } from './Workbench'

export type BedfulsProps = { readonly work: Work; readonly members: readonly number[] | undefined }

/** The row laid out on the beds of the chosen printers, with hours and spools. */
export function Bedfuls({ work, members }: BedfulsProps) {
  const { part, processes, editing } = work
  const state = editing.draft.present
  const [chosen, setChosen] = useState<readonly string[]>([state.process])
  const shelf = useQuery(spools)
  const [letters, setLetters] = useState('')
  const inlaid = [state.parameters, ...(state.row ?? []).map((m) => m.entries)].some((entries) => entries.lettering === 'inlay')
  const lay = useMutation({
    mutationFn: () =>
      sendJson<BedfulsView>('POST', `/api/parts/${part.id}/bedfuls`, {
        processes: chosen,
        start: localNow(),
        members: members ?? null,
        letters: inlaid ? letters : null,
      }),
  })
  const names = (state.row ?? []).map((item, i) => memberName(item, i + 1))
  return (
    <section className="flex flex-col gap-3" aria-label="Bedfuls">
      <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
        <legend className="mb-1 text-lg">Lay it out on</legend>
        {processes.map((p) => (
          <label key={p.id} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-primary"
              checked={chosen.includes(p.id)}
              onChange={() => setChosen(chosen.includes(p.id) ? chosen.filter((x) => x !== p.id) : [...chosen, p.id])}
            />
            {p.name}
          </label>
        ))}
      </fieldset>
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
      <button className="btn btn-outline" disabled={lay.isPending || editing.unsaved || chosen.length === 0} onClick={() => lay.mutate()}>
        Lay out the bedfuls
      </button>
      {lay.isPending && <Busy what="Laying them out and cutting layers" />}
      {lay.isError && <ErrorNote error={lay.error} />}
      {lay.data && !lay.isPending && (
        <>
          <p className="text-lg">{lay.data.says}</p>
          {lay.data.tooLarge.length > 0 && (
            <p role="alert" className="text-error">
              Too large for every bed: {lay.data.tooLarge.map((n) => names[n - 1] ?? 'the part').join(', ')}.
            </p>
          )}
          <ol className="flex flex-col gap-4">
            {lay.data.bedfuls.map((bedful, i) => (
              <li key={i}>
                <BedfulPicture bedful={bedful} number={i + 1} names={names} />
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  )
}

/** This moment with the workshop's own offset, as the planner wants it. */
function localNow(): string {
  const now = new Date()
  const offset = -now.getTimezoneOffset()
  const two = (n: number) => String(Math.floor(Math.abs(n))).padStart(2, '0')
  const local = new Date(now.getTime() + offset * 60_000).toISOString().slice(0, 19)
  return `${local}${offset < 0 ? '-' : '+'}${two(offset / 60)}:${two(offset % 60)}`
}
