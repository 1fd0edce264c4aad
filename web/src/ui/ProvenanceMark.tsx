/** Small glyphs that say where a figure comes from; told apart by shape alone. */
const glyphs: Readonly<Record<string, { readonly words: string; readonly path: string }>> = {
  measured: { words: 'measured', path: 'M2 3h12M4 3v8l2 2V3M12 3v5l-2 2V3' },
  standard: {
    words: 'from a standard',
    path: 'M8 4C6 2.5 3.5 2.5 2 3v9.5c1.5-.5 4-.5 6 1 2-1.500 4.500-1.500 6-1V3c-1.500-.5-4-.5-6 1zm0 0v9.500',
  },
  learned: { words: 'learned from tries', path: 'M13 8a5 5 0 1 1-1.600-3.700M13 2v3h-3' },
  rule: {
    words: 'rule of thumb',
    path: 'M5 14V8l2-5c1.800 0 2 1.500 1.500 3.500H12c1 0 1.500.8 1.200 1.800l-1.200 4.200c-.2.9-.8 1.500-1.800 1.500H5M2 8h3v6H2z',
  },
  chosen: { words: 'chosen', path: 'M8 2l3.500 7L8 14 4.500 9zM8 2v6.500M8 8.500a1 1 0 1 0 .01 0' },
  derived: { words: 'computed', path: 'M3 6h10M3 10h10' },
  waiting: { words: 'waiting', path: 'M11.500 4A5.500 5.500 0 1 0 13.400 7' },
}

export function ProvenanceMark({ kind }: { readonly kind: string }) {
  const glyph = glyphs[kind] ?? glyphs.waiting!
  return (
    <svg
      viewBox="0 0 16 16"
      className={`h-4 w-4 shrink-0 ${kind === 'learned' ? 'text-accent' : 'quiet'}`}
      role="img"
      aria-label={glyph.words}
    >
      <title>{glyph.words}</title>
      <path d={glyph.path} fill="none" stroke="currentColor" strokeWidth="1.4" strokeLinejoin="round" strokeLinecap="round" />
    </svg>
  )
}
