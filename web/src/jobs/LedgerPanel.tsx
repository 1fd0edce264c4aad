import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { why } from '@/api/queries'
import { LedgerLines } from '@/ui/LedgerLines'
import { useWork } from './useWork'

/** Every computed quantity in the order of reckoning; each answers why. */
export function LedgerPanel() {
  const work = useWork()
  const [closed, setClosed] = useState<string | null>(null)
  const lines = work.design?.ledger ?? []
  const open = work.why === closed ? null : work.why
  const answer = useQuery({ ...why(work.part, work.shown, open ?? ''), enabled: open !== null }).data
  if (lines.length === 0) return <p className="quiet">The ledger fills as soon as what it joins is read.</p>
  return (
    <LedgerLines
      lines={lines.map((line) => (answer?.key === line.key && line.key === open ? answer : line))}
      label="Ledger"
      open={open}
      onOpen={(key) => {
        setClosed(key === null ? work.why : null)
        if (key !== null) work.ask(key)
      }}
    />
  )
}
