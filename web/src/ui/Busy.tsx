import { useQuery } from '@tanstack/react-query'
import { queue } from '@/api/queries'

/** Says what takes a moment, and that it is under way; or how many stand before it, where the machine is busy. */
export function Busy({ what }: { readonly what: string }) {
  const place = useQuery(queue).data?.place ?? 0
  return (
    <div role="status" className="flex flex-col gap-1">
      <span className="quiet">{place > 0 ? `The machine is busy: ${what.toLowerCase()} is at place ${place}…` : `${what}…`}</span>
      <progress className="progress progress-primary w-full" aria-label={what} />
    </div>
  )
}
