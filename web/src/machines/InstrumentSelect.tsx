import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { instruments } from '@/api/queries'

export function InstrumentSelect({ value, onChange }: { readonly value: string; readonly onChange: (id: string) => void }) {
  const list = useQuery(instruments).data ?? []
  return (
    <select className="select grow" value={value} onChange={(e) => onChange(e.target.value)} aria-label="Instrument">
      {list.map((i) => (
        <option key={i.id} value={i.id}>
          {i.name}
        </option>
      ))}
    </select>
  )
}

/** The instrument used last for this dimension, remembered on this device. */
export function useInstrument(dimension: string): readonly [string, (id: string) => void] {
  const key = `instrument/${dimension}`
  const [id, setId] = useState(() => localStorage.getItem(key) ?? (dimension === 'depth' ? 'depth-rod' : 'caliper'))
  return [
    id,
    (next) => {
      localStorage.setItem(key, next)
      setId(next)
    },
  ]
}
