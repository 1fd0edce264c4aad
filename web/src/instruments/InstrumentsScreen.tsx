import { day } from '@/ui/moments'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api } from '@/api/client'
import { instruments } from '@/api/queries'
import type { Instrument } from '@/api/types'
import { AwayList } from '@/ui/AwayList'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { useAway } from '@/ui/useAway'
import { Cameras } from './Cameras'
import { NewInstrument } from './NewInstrument'
import { kindWords } from './kindWords'

/** The workshop's own instruments: how finely they show, how far they may be off, how well they repeat, how far they reach. */
export function InstrumentsScreen() {
  const list = useQuery(instruments)
  const [adding, setAdding] = useState(false)
  const shelf = useAway('instruments')
  if (list.isPending) return <Loading what="the instruments" className="m-6 h-96" />
  if (list.isError) return <ErrorNote error={list.error} />
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-4 p-6">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl font-bold">Instruments</h1>
        <button className="btn btn-primary" onClick={() => setAdding(true)}>
          Add an instrument
        </button>
      </div>
      <p className="quiet">
        An instrument’s own error is one cause behind everything it has read: it does not average away. What it repeats within is sharpened
        by every place that was read more than once.
      </p>
      <div className="overflow-x-auto" role="region" tabIndex={0} aria-label="Instruments">
        <table className="table" aria-label="Instruments">
          <thead>
            <tr>
              <th />
              <th>shows steps of</th>
              <th>may be off by</th>
              <th>repeats within</th>
              <th>reaches</th>
              <th>zero last checked</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {list.data
              .filter((i) => !i.standIn && !shelf.isAway(i.id))
              .map((i) => (
                <Row key={i.id} instrument={i} onPutAway={() => shelf.put(i.id, true)} />
              ))}
          </tbody>
        </table>
      </div>
      {shelf.error && <ErrorNote error={shelf.error} />}
      <AwayList thing="instruments" all={list.data} called="of the instruments" />
      <Cameras />
      {adding && <NewInstrument onClose={() => setAdding(false)} />}
    </div>
  )
}

type RowProps = { readonly instrument: Instrument; readonly onPutAway: () => void }

function Row({ instrument: i, onPutAway }: RowProps) {
  const figure = (value: number) => `${value} ${i.unit}`.trim().replace(' °', '°')
  return (
    <tr>
      <th className="text-base">
        {i.name} <span className="quiet block text-sm font-normal">{kindWords[i.kind]}</span>
      </th>
      <td className="figure">{figure(i.resolution)}</td>
      <td className="figure">± {figure(i.maximumPermissibleError)}</td>
      <td className="figure">{figure(i.repeatability)}</td>
      <td className="figure">{figure(i.reach)}</td>
      <td>{i.kind === 'eye' ? <span className="quiet">nothing to check</span> : <Zero instrument={i} />}</td>
      <td>
        <button className="btn btn-ghost" aria-label={`Put away ${i.name}`} onClick={onPutAway}>
          Put away
        </button>
      </td>
    </tr>
  )
}

function Zero({ instrument }: { readonly instrument: Instrument }) {
  const [found, setFound] = useState('')
  const client = useQueryClient()
  const check = useMutation({
    mutationFn: () =>
      api.POST('/api/instruments/{id}/zero-checks', { params: { path: { id: instrument.id } }, body: { found: Number(found || '0') } }),
    onSuccess: async () => {
      setFound('')
      await client.invalidateQueries({ queryKey: ['instruments'] })
    },
  })
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        check.mutate()
      }}
    >
      <span className={instrument.lastZeroCheck ? '' : 'quiet'}>
        {instrument.lastZeroCheck ? day(instrument.lastZeroCheck) : 'not noted'}
      </span>
      <input
        className="input figure w-20"
        value={found}
        onChange={(e) => setFound(e.target.value.replace(/[^-\d.]/g, ''))}
        placeholder="0.00"
        aria-label={`What the ${instrument.name} shows at zero`}
      />
      <button className="btn btn-outline btn-sm" disabled={check.isPending}>
        Checked now
      </button>
      {check.isError && <ErrorNote error={check.error} />}
    </form>
  )
}
