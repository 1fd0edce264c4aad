/** The gap between machine and part, drawn many times its size: stipple, paper, hatch; the two cross when it is interference. */
export function GapGlyph({ clearance }: { readonly clearance: number }) {
  const gap = Math.max(-8, Math.min(14, clearance * 20))
  return (
    <svg viewBox="0 0 34 22" className="h-6 w-9" aria-hidden>
      <rect x="0" y="0" width="10" height="22" fill="url(#stipple)" />
      <rect x={10 + gap} y="0" width="10" height="22" fill="url(#hatch)" opacity={gap < 0 ? 0.75 : 1} />
      <path d={`M10 0v22M${10 + gap} 0v22`} stroke="currentColor" strokeWidth="1.2" />
    </svg>
  )
}
