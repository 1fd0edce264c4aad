/** Says what takes a moment, and that it is under way. */
export function Busy({ what }: { readonly what: string }) {
  return (
    <div role="status" className="flex flex-col gap-1">
      <span className="quiet">{what}…</span>
      <progress className="progress progress-primary w-full" aria-label={what} />
    </div>
  )
}
