const deviations = ['0.05', '0.1', '0.2', '0.5', '1']

type DeviationProps = { readonly value: string; readonly onChange: (value: string) => void }

/** How far corners that are left may lie beside what was drawn, photographed or scanned. */
export function Deviation({ value, onChange }: DeviationProps) {
  return (
    <label className="flex items-center gap-2">
      <span className="quiet">corners within</span>
      <select className="select w-28" value={value} onChange={(e) => onChange(e.target.value)}>
        {deviations.map((d) => (
          <option key={d} value={d}>
            {d} mm
          </option>
        ))}
      </select>
    </label>
  )
}
