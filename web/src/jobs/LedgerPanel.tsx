import { useState } from 'react'
import { LedgerLines } from '@/ui/LedgerLines'
import { useWork } from './useWork'

/** Every computed quantity in the order of reckoning; each answers why. */
export function LedgerPanel() {
  const work = useWork()
  const [closed, setClosed] = useState<string | null>(null)
  const lines = work.design?.ledger ?? []
  if (lines.length === 0) return <p className="quiet">The ledger fills as soon as what it joins is read.</p>
  return (
    <LedgerLines
      lines={lines}
      label="Ledger"
      open={work.why === closed ? null : work.why}
      onOpen={(key) => {
        setClosed(key === null ? work.why : null)
        if (key !== null) work.ask(key)
      }}
    />
  )
}
