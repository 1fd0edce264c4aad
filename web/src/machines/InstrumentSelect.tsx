import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { away, instruments } from '@/api/queries'
import type { Access } from '@/api/types'

export type InstrumentSelectProps = { readonly access: Access; readonly value: string; readonly onChange: (id: string) => void }

/** The instruments that take a dimension. */
export function InstrumentSelect({ access, value, onChange }: InstrumentSelectProps) {
  const able = (useQuery(instruments).data ?? []).filter((i) => !i.standIn && i.takes.includes(access))
  const shelved = useQuery(away).data?.instruments ?? []
  const offered = able.filter((i) => i.id === value || !shelved.includes(i.id))
  return (
    <select className="select min-w-0 flex-1" value={value} onChange={(e) => onChange(e.target.value)} aria-label="Instrument">
      {offered.map((i) => (
        <option key={i.id} value={i.id}>
          {i.name}
        </option>
      ))}
    </select>
  )
}

/** The instrument used last for this way of reading on this device, or the usual one for it, or the one that would serve best. */
export function useInstrument(access: Access, best: string | undefined): readonly [string, (id: string) => void] {
  const key = `instrument/${access}`
  const all = useQuery(instruments).data
  const list = (all ?? []).filter((i) => !i.standIn)
  const [chosen, setChosen] = useState(() => localStorage.getItem(key))
  // Until the list was read, what was chosen on this device is believed: a reading may be quicker than a slow line.
  const known = all ? list.find((i) => i.id === chosen && i.takes.includes(access))?.id : chosen
  const usual =
    access === 'outside' || access === 'inside'
      ? list.find((i) => i.id === 'caliper')
      : list.find((i) => i.takes[0] === access && access !== 'length')
  return [
    known ?? usual?.id ?? best ?? 'caliper',
    (next) => {
      localStorage.setItem(key, next)
      setChosen(next)
    },
  ]
}
