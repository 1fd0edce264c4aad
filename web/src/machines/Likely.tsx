import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { standards } from '@/api/queries'
import type { InterfaceView } from '@/api/types'
import { Percent } from '@/ui/Percent'
import { rowsOfSize } from '@/tables/search'

type Ranking = InterfaceView['likeliest'][number]

/** What a place is likely to be among standards. A measured size is never replaced by a name. */
export function Likely({ place }: { readonly place: InterfaceView }) {
  const found = place.likeliest.filter((l) => l.rows.length > 0)
  if (place.likeliest.length === 0) return null
  return (
    <section aria-label="What it may be">
      <h3 className="text-lg font-semibold">What it may be</h3>
      {found.length === 0 && <p className="quiet">Nothing in the tables is like it.</p>}
      {found.map((ranking) => (
        <Table key={ranking.table} ranking={ranking} />
      ))}
      {found.length > 0 && <p className="quiet text-sm">The size read stays as it is: a name is not a measurement.</p>}
    </section>
  )
}

function Table({ ranking }: { readonly ranking: Ranking }) {
  return (
    <div className="mb-2">
      <p className="quiet text-sm">
        {ranking.tableName}, by {ranking.by.join(' and ')}
      </p>
      <ul aria-label={`Likely in ${ranking.tableName}`}>
        {ranking.rows.map((row) => (
          <li key={row.name} className="border-base-300 border-b">
            <Link
              className="hover:bg-base-200 flex min-h-11 items-center justify-between gap-3 rounded px-2"
              to={row.size ? `/tables?size=${encodeURIComponent(row.size)}` : `/tables?table=${ranking.table}`}
            >
              <span className="leading-tight">
                <span className="font-semibold">{row.name}</span>
                {row.size && <Goes size={row.size} table={ranking.table} />}
              </span>
              <Percent share={row.probability} />
            </Link>
          </li>
        ))}
        <li className="quiet flex min-h-8 items-center justify-between gap-3 px-2">
          something else <Percent share={ranking.somethingElse} />
        </li>
      </ul>
    </div>
  )
}

const holes = 'clearance-holes'

/** The clearance holes of a size, where they are not what was looked up. */
function Goes({ size, table }: { readonly size: string; readonly table: string }) {
  const tables = useQuery(standards).data ?? []
  const rows = table === holes ? [] : rowsOfSize(tables, size).filter((r) => r.table.key === holes)
  if (rows.length === 0) return null
  return (
    <span className="quiet figure block text-sm">
      clearance:{' '}
      {rows
        .map((r) => `${r.row.cells[r.table.columns.indexOf('fit')]?.text} ${r.row.cells[r.table.columns.indexOf('diameter')]?.text}`)
        .join(', ')}
    </span>
  )
}
