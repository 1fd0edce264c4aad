import { useEffect, useRef, useState, type ReactNode } from 'react'

export type SheetProps = { readonly title: string; readonly onClose: () => void; readonly children: ReactNode }

const fields = 'input:not([type=hidden]):not(.hidden), textarea, select'

/** A sheet laid over the screen. The focus goes to its first field, and back. Esc or the button puts it away; what was typed is asked about first. */
export function Sheet({ title, onClose, children }: SheetProps) {
  const ref = useRef<HTMLDialogElement>(null)
  const typed = useRef(new Set<Text>())
  const [asking, setAsking] = useState(false)
  useEffect(() => {
    const dialog = ref.current
    const before = document.activeElement
    dialog?.showModal()
    return () => {
      dialog?.close()
      if (before instanceof HTMLElement && before.isConnected) before.focus()
    }
  }, [])
  // A sheet that goes on to another question goes on with its first field.
  useEffect(() => {
    const content = ref.current?.querySelector<HTMLElement>('[data-content]')
    ;(content?.querySelector<HTMLElement>(fields) ?? content?.querySelector<HTMLElement>('button, a') ?? ref.current)?.focus()
  }, [title])
  const leave = () => ([...typed.current].some((field) => field.isConnected && field.value.trim() !== '') ? setAsking(true) : onClose())
  return (
    <dialog
      ref={ref}
      className="modal"
      onCancel={(event) => {
        event.preventDefault()
        leave()
      }}
      onInput={(event) => {
        if (isText(event.target)) typed.current.add(event.target)
      }}
      aria-label={title}
    >
      <div className="modal-box flex max-w-xl flex-col gap-4">
        <div className="flex items-center justify-between">
          <h2 className="text-xl font-bold">{title}</h2>
          <button className="btn btn-ghost" onClick={leave}>
            Put away
          </button>
        </div>
        {asking && (
          <div role="alert" className="border-warning flex flex-wrap items-center gap-2 rounded-md border-2 p-3">
            <span className="grow">What you typed here is not kept yet.</span>
            <button className="btn btn-primary" autoFocus onClick={() => setAsking(false)}>
              Go on typing
            </button>
            <button className="btn btn-outline" onClick={onClose}>
              Leave it
            </button>
          </div>
        )}
        <div data-content className="contents">
          {children}
        </div>
      </div>
    </dialog>
  )
}

type Text = HTMLInputElement | HTMLTextAreaElement

const isText = (target: EventTarget): target is Text =>
  target instanceof HTMLTextAreaElement ||
  (target instanceof HTMLInputElement && !['checkbox', 'radio', 'file'].includes(target.type) && !target.dataset.search)
