import { ChecksPanel } from './ChecksPanel'
import { HistoryPanel } from './HistoryPanel'
import { LedgerPanel } from './LedgerPanel'
import { MeasurePanel } from './MeasurePanel'
import { PrintPanel } from './PrintPanel'
import { TryPanel } from './TryPanel'
import type { Work } from './Workbench'

/** What the chosen station is about. */
export function StationPanel({ work }: { readonly work: Work }) {
  switch (work.station) {
    case 'measure':
      return <MeasurePanel work={work} />
    case 'reckon':
      return <LedgerPanel work={work} />
    case 'check':
      return <ChecksPanel work={work} />
    case 'prove':
      return <PrintPanel work={work} what="coupon" />
    case 'print':
      return <PrintPanel work={work} what="part" />
    case 'try':
      return <TryPanel work={work} />
    case 'keep':
      return <HistoryPanel work={work} />
  }
}

/** Shown where a station needs the sizes first. */
export function NotYet({ work }: { readonly work: Work }) {
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
