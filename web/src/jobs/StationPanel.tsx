import { ChecksPanel } from './ChecksPanel'
import { HistoryPanel } from './HistoryPanel'
import { LedgerPanel } from './LedgerPanel'
import { MeasurePanel } from './MeasurePanel'
import { PrintPanel } from './PrintPanel'
import { TryPanel } from '@/jobs/tries/TryPanel'
import { useWork } from './useWork'

/** What the chosen station is about. */
export function StationPanel() {
  const work = useWork()
  switch (work.station) {
    case 'measure':
      return <MeasurePanel />
    case 'reckon':
      return <LedgerPanel />
    case 'check':
      return <ChecksPanel />
    case 'prove':
      return <PrintPanel what="coupon" />
    case 'print':
      return <PrintPanel what="part" />
    case 'try':
      return <TryPanel />
    case 'keep':
      return <HistoryPanel />
  }
}

/** Shown where a station needs the sizes first. */
export function NotYet() {
  const work = useWork()
  return (
    <div className="flex flex-col gap-3">
      <p className="text-lg">
        {work.checks.find((c) => c.verdict === 'stop')?.says ?? 'Nothing can be printed before the sizes are there.'}
      </p>
      <button className="btn btn-primary w-fit" onClick={() => work.setStation('measure')}>
        Measure what it fits
      </button>
    </div>
  )
}
