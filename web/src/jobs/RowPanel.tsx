import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { history, rowVerdicts } from '@/api/queries'
import type { RowItem } from '@/api/types'
import { Busy } from '@/ui/Busy'
import { ErrorNote } from '@/ui/ProblemNote'
import { VerdictMark } from '@/ui/VerdictMark'
import { ListSheet } from './ListSheet'
import { commonLetterSize, memberName, pieceCount, printOf } from './rows'
import { useWork } from './useWork'

export type RowPanelProps = {
  /** Members that are not printed this time. */
  readonly left: readonly number[]
  readonly onToggle: (member: number) => void
}

/** The members of a row, and the list they come from. */
export function RowPanel({ left, onToggle }: RowPanelProps) {
  const work = useWork()
  const row = work.editing.draft.present.row ?? []
  const [open, setOpen] = useState(false)
  const revisions = useQuery(history(work.part.id)).data?.revisions ?? []
  const revisionOf = (item: RowItem) => {
    const print = printOf('part', item, revisions)
    return print ? `revision ${print.revision}` : 'not printed'
  }
  const state = work.editing.draft.present
  const judged = useQuery({ ...rowVerdicts(work.part, state), enabled: row.length > 0 })
  const verdicts = judged.isPlaceholderData ? [] : (judged.data ?? [])
  return (
    <section className="flex flex-col gap-2" aria-label="Row">
      <div className="flex items-center justify-between gap-2">
        <span className="text-lg">
          {row.length === 0 ? 'One part. A list makes a row of it.' : `A row of ${row.length}, ${pieceCount(row)} pieces`}
        </span>
        <button className="btn btn-outline" onClick={() => setOpen(true)}>
          {row.length === 0 ? 'Make a row' : 'Change the list'}
        </button>
      </div>
      {row.length > 0 && (
        <ol className="max-h-72 overflow-auto" aria-label="Members">
          {row.map((item, i) => (
            <li key={i} className="border-base-300 flex min-h-11 items-center gap-3 border-b">
              <label className="flex grow items-center gap-3">
                <input
                  type="checkbox"
                  className="checkbox checkbox-primary"
                  checked={!left.includes(i + 1)}
                  onChange={() => onToggle(i + 1)}
                />
                <span className="figure w-6 shrink-0 text-right">{i + 1}</span>
                <span className="w-7 shrink-0">{verdicts[i] && <VerdictMark verdict={verdicts[i].verdict} />}</span>
                <span className="grow">
                  {memberName(item, i + 1)}
                  {verdicts[i]?.says && <span className="quiet block text-sm">{verdicts[i].says}</span>}
                </span>
              </label>
              {item.group && <span className="quiet">{item.group}</span>}
              {item.count > 1 && <span className="figure">× {item.count}</span>}
              <span className="quiet w-24 text-right text-sm">{revisionOf(item)}</span>
              <button className={`btn btn-sm ${work.member === i + 1 ? 'btn-primary' : 'btn-ghost'}`} onClick={() => work.setMember(i + 1)}>
                See
              </button>
            </li>
          ))}
        </ol>
      )}
      {judged.isFetching && row.length > 0 && <Busy what="Judging every member" />}
      {judged.isError && <ErrorNote error={judged.error} />}
      <OneLetterHeight size={commonLetterSize(verdicts.map((v) => v.letterSize))} />
      {open && <ListSheet onClose={() => setOpen(false)} />}
    </section>
  )
}

type OneLetterHeightProps = { readonly size: number | undefined }

/** Plates of one set look it when their letters are of one height. */
function OneLetterHeight({ size }: OneLetterHeightProps) {
  const { editing, family } = useWork()
  if (size === undefined || !family.parameters.some((p) => p.key === 'letterSize')) return null
  const state = editing.draft.present
  const apply = () => {
    const row = (state.row ?? []).map((item) => ({
      ...item,
      entries: Object.fromEntries(Object.entries(item.entries).filter(([key]) => key !== 'letterSize')),
    }))
    editing.change({ ...state, row, parameters: { ...state.parameters, letterSize: `${size} mm` } }, 'letterSize')
  }
  return (
    <button className="btn btn-outline btn-primary w-fit" onClick={apply}>
      One letter height for the set, <span className="figure">{size} mm</span>
    </button>
  )
}
