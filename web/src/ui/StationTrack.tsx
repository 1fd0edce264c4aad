import type { Station } from '@/api/types'
import { stationName, stations } from './stations'

/** Where a part is along the stations: rings behind it are seated, its own is open, those ahead are empty. */
export function StationTrack({ at, done }: { readonly at: Station; readonly done: boolean }) {
  const here = stations.indexOf(at)
  return (
    <ol className="mt-4 flex items-center" aria-label={`At ${stationName(at)}`}>
      {stations.map((station, i) => (
        <li key={station} className={`flex items-center ${i > 0 ? 'flex-1' : ''}`} aria-hidden>
          {i > 0 && <span className={`h-0.5 flex-1 ${i <= here ? 'bg-primary' : 'bg-base-300'}`} />}
          <span className="flex items-center gap-1.5 px-1.5">
            <svg viewBox="0 0 20 20" className={`h-5 w-5 ${i <= here ? 'text-primary' : 'text-secondary'}`}>
              <circle cx="10" cy="10" r="8" fill="none" stroke="currentColor" strokeWidth="2" />
              {(i < here || done) && <circle cx="10" cy="10" r="4.5" fill="none" stroke="currentColor" strokeWidth="3" />}
            </svg>
            <span className={`text-sm ${i === here && !done ? 'font-bold' : 'quiet'} ${i === here ? '' : 'hidden md:inline'}`}>
              {stationName(station)}
            </span>
          </span>
        </li>
      ))}
    </ol>
  )
}
