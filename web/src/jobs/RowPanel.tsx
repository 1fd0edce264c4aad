import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { history } from '@/api/queries'
import type { RowItem } from '@/api/types'
import { ListSheet } from './ListSheet'
import { memberName, pieceCount, printedIn } from './rows'
import type { Work } from './Workbench'

export type RowPanelProps = {
  readonly work: Work
  /** Members that are not printed this time. */
  readonly left: readonly number[]
  readonly onToggle: (member: number) => void
}

/** The members of a row, and the list they come from. */
export function RowPanel({ work, left, onToggle }: RowPanelProps) {
  const row = work.editing.draft.present.row ?? []
  const [open, setOpen] = useState(false)
  const revisions = useQuery(history(work.part.id)).data?.revisions ?? []
  const revisionOf = (item: RowItem) => {
    const number = printedIn(item, revisions)
    return number ? `revision ${number}` : 'not printed'
  }
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
                <span className="figure w-6 text-right">{i + 1}</span>
                <span className="grow">{memberName(item, i + 1)}</span>
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
      {open && <ListSheet work={work} onClose={() => setOpen(false)} />}
    </section>
  )
}
