type ChoiceProps<T extends string> = {
  readonly label: string
  readonly value: T
  readonly words: Readonly<Record<T, string>>
  readonly onChange: (value: T) => void
}

/** One of a few, in words. */
export function Choice<T extends string>({ label, value, words, onChange }: ChoiceProps<T>) {
  return (
    <label className="flex flex-col gap-1">
      <span className="font-semibold">{label}</span>
      <select className="select w-full" value={value} onChange={(e) => onChange(e.target.value as T)}>
        {Object.entries<string>(words).map(([key, says]) => (
          <option key={key} value={key}>
            {says}
          </option>
        ))}
      </select>
    </label>
  )
}
