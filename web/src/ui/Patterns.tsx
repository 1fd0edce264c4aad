/** The two matters of every section: the part warm and hatched, the machine cool and stippled. Used once in each drawing. */
export function Patterns() {
  return (
    <defs>
      <pattern id="hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="7" height="7" fill="var(--part-soft)" />
        <line x1="0" y1="0" x2="0" y2="7" stroke="var(--part)" strokeWidth="1.6" />
      </pattern>
      <pattern id="stipple" width="7" height="7" patternUnits="userSpaceOnUse">
        <rect width="7" height="7" fill="var(--machine-soft)" />
        <circle cx="1.8" cy="1.8" r="0.9" fill="var(--machine)" />
        <circle cx="5.2" cy="5.2" r="0.9" fill="var(--machine)" />
      </pattern>
    </defs>
  )
}
