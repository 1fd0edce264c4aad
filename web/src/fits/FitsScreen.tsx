import { useQuery } from '@tanstack/react-query'
import { useSearchParams } from 'react-router'
import { fits, processes } from '@/api/queries'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { CombBoards } from './CombBoards'
import { CombPanel } from './CombPanel'
import { FitBandChart } from './FitBandChart'
import { LearnedPanel } from './LearnedPanel'
import { ServiceForm } from './ServiceForm'
import { WindowsPanel } from './WindowsPanel'

/** What every surface of a setup is believed to do, by all that was tried in the workshop. */
export function FitsScreen() {
  const [search, setSearch] = useSearchParams()
  const list = useQuery(processes)
  const chosen = list.data?.find((p) => p.id === search.get('setup')) ?? list.data?.[0]
  const surfaces = useQuery({ ...fits(chosen?.id ?? ''), enabled: chosen !== undefined })
  const failed = [list, surfaces].find((q) => q.isError)
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-6 p-6">
      <div className="flex flex-wrap items-center gap-4">
        <h1 className="text-2xl font-bold">Fits</h1>
        <label className="flex items-center gap-2">
          <span>of</span>
          <select className="select" value={chosen?.id ?? ''} onChange={(e) => setSearch({ setup: e.target.value }, { replace: true })}>
            {(list.data ?? []).map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
          </select>
        </label>
      </div>
      <p className="quiet max-w-3xl">
        What is drawn less what is printed, mm on the full size, as it is believed: the band holds nine tenths. Every try of a fit in the
        workshop counts, the more the more it shares with this setup; full points are tries on it, open ones on others. The broken line is
        what the setup states.
      </p>
      {failed?.error && <ErrorNote error={failed.error} />}
      {list.data?.length === 0 && <p className="text-lg">There is no setup yet: enter one under Setups.</p>}
      {chosen && (
        <>
          <CombPanel key={chosen.id} setup={chosen.id} />
          <CombBoards key={`${chosen.id}/made`} setup={chosen.id} />
        </>
      )}
      {surfaces.isPending && list.data?.length !== 0 && !failed && <Loading what="what is believed" className="h-96" />}
      <ul className="grid gap-6 lg:grid-cols-2" aria-label={`Surfaces of ${chosen?.name ?? 'no setup'}`}>
        {[...(surfaces.data ?? [])]
          .sort((a, b) => b.tries.length - a.tries.length)
          .map((s) => (
            <li key={s.surface} className="border-base-300 flex flex-col gap-1 rounded-md border p-3">
              <h2 className="font-semibold">{s.name}</h2>
              <FitBandChart surface={s} />
              <p>{s.says}</p>
            </li>
          ))}
      </ul>
      <WindowsPanel />
      <LearnedPanel />
      {chosen?.printerId && <ServiceForm printer={chosen.printerId} name={chosen.printer} />}
    </div>
  )
}
