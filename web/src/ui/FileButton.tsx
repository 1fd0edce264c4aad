import { useRef } from 'react'

export type FileButtonProps = {
  /** What the button says. */
  readonly children: string
  /** What the file is, for those who do not see. */
  readonly label: string
  readonly accept: string
  readonly disabled?: boolean
  readonly quiet?: boolean
  readonly onFile: (file: File) => void
}

/** A button that asks for a file; the same file may be chosen twice. */
export function FileButton({ children, label, accept, disabled = false, quiet = false, onFile }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <button
        type="button"
        className={`btn w-fit ${quiet ? 'btn-ghost' : 'btn-outline'}`}
        disabled={disabled}
        onClick={() => input.current?.click()}
      >
        {children}
      </button>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="hidden"
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) onFile(file)
        }}
      />
    </>
  )
}
