import { useQuery } from '@tanstack/react-query'
import { useSearchParams } from 'react-router'
import { standards } from '@/api/queries'
import type { StandardView } from '@/api/types'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { rowsOfSize, search, type FoundRow } from './search'

/** Standards and customs: one table, or what a search or a size finds in all of them. */
export function TablesScreen() {
  const list = useQuery(standards)
  const [params, setParams] = useSearchParams()
  if (list.isPending) return <Loading what="the tables" className="m-6 h-96" />
  if (list.isError) return <ErrorNote error={list.error} />
  const [words, size] = [params.get('find') ?? '', params.get('size')]
  const table = list.data.find((t) => t.key === params.get('table')) ?? list.data[0]!
  const found = size ? rowsOfSize(list.data, size) : search(list.data, words)
  return (
    <div className="grid min-h-0 grow grid-cols-1 lg:grid-cols-[17rem_1fr]">
      <nav className="border-base-300 flex flex-col gap-1 border-b p-4 lg:border-r lg:border-b-0" aria-label="Tables">
        <input
          className="input mb-2 w-full text-lg"
          aria-label="Find in the tables"
          placeholder="M6, 6.6, 1/4, nut…"
          value={size ?? words}
          onChange={(e) => setParams(e.target.value ? { find: e.target.value } : {}, { replace: true })}
        />
        <div className="flex flex-wrap gap-1 lg:flex-col">
          {list.data.map((t) => (
            <button
              key={t.key}
              className={`min-h-11 rounded px-3 text-left ${t === table && !size && !words ? 'bg-base-200 font-semibold' : 'hover:bg-base-200'}`}
              onClick={() => setParams({ table: t.key })}
            >
              {t.name}
            </button>
          ))}
        </div>
      </nav>
      <section className="flex min-w-0 flex-col gap-6 p-6" aria-label="Table">
        {size || words ? (
          <Found title={size ? `Everything of ${size}` : `“${words}” in all tables`} found={found} />
        ) : (
          <Table table={table} rows={table.rows} />
        )}
      </section>
    </div>
  )
}

function Found({ title, found }: { readonly title: string; readonly found: readonly FoundRow[] }) {
  const tables = [...new Set(found.map((f) => f.table))]
  return (
    <>
      <h1 className="text-3xl font-bold">{title}</h1>
      {tables.length === 0 && <p className="text-lg">Nothing in the tables has that. Try a size like M6 or 1/4, a figure, or a word.</p>}
      {tables.map((table) => (
        <Table key={table.key} table={table} rows={found.filter((f) => f.table === table).map((f) => f.row)} small />
      ))}
    </>
  )
}

type TableProps = { readonly table: StandardView; readonly rows: StandardView['rows']; readonly small?: boolean }

function Table({ table, rows, small }: TableProps) {
  return (
    <div className="flex min-w-0 flex-col gap-2">
      {small ? <h2 className="text-xl font-semibold">{table.name}</h2> : <h1 className="text-3xl font-bold">{table.name}</h1>}
      {table.note && <p className="text-lg">{table.note}</p>}
      <p className="quiet">{table.source}.</p>
      <div className="overflow-x-auto" role="region" tabIndex={0} aria-label={`Rows of ${table.name}`}>
        <table className="table" aria-label={table.name}>
          <thead>
            <tr>
              <th />
              {table.columns.map((c) => (
                <th key={c}>{c}</th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.name}>
                <th className="whitespace-nowrap">{row.name}</th>
                {row.cells.map((cell, i) => (
                  <td key={i} className="figure whitespace-nowrap">
                    {cell.text}
                    {cell.inches && <span className="quiet block text-sm">{cell.inches}</span>}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  )
}
