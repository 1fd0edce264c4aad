/** Holds the place of what is coming, so that nothing jumps. */
export function Loading({ what, className = 'h-40' }: { readonly what: string; readonly className?: string }) {
  return (
    <div role="status" className={`bg-base-200 quiet flex items-center justify-center rounded ${className}`}>
      Loading {what}…
    </div>
  )
}
