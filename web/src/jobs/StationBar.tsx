import type { CheckView, Station } from '@/api/types'
import { VerdictMark } from '@/ui/VerdictMark'
import { stationName, stations } from '@/ui/stations'
import { worst } from './verdicts'

export type StationBarProps = {
  readonly station: Station
  readonly onChoose: (station: Station) => void
  readonly checks: readonly CheckView[]
}

/** The stations across, as one line from measuring to keeping. */
export function StationBar({ station, onChoose, checks }: StationBarProps) {
  return (
    <nav className="border-base-300 flex border-b px-2" aria-label="Stations">
      {stations.map((s, i) => (
        <button
          key={s}
          onClick={() => onChoose(s)}
          aria-current={s === station ? 'step' : undefined}
          className={`flex min-h-12 flex-1 items-center justify-center gap-2 border-b-4 px-1 ${
            s === station ? 'border-primary font-bold' : 'border-transparent hover:bg-base-200'
          }`}
        >
          <span className="figure quiet text-sm">{i + 1}</span>
          {stationName(s)}
          {s === 'check' && checks.length > 0 && <VerdictMark verdict={worst(checks)} />}
        </button>
      ))}
    </nav>
  )
}
