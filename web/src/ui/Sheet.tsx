import { useEffect, useRef, type ReactNode } from 'react'

export type SheetProps = { readonly title: string; readonly onClose: () => void; readonly children: ReactNode }

/** A sheet laid over the screen; Esc or the button puts it away, and the focus goes back to where it was. */
export function Sheet({ title, onClose, children }: SheetProps) {
  const ref = useRef<HTMLDialogElement>(null)
  useEffect(() => {
    const dialog = ref.current
    dialog?.showModal()
    return () => dialog?.close()
  }, [])
  return (
    <dialog ref={ref} className="modal" onCancel={onClose} aria-label={title}>
      <div className="modal-box flex max-w-xl flex-col gap-4">
        <div className="flex items-center justify-between">
          <h2 className="text-xl font-bold">{title}</h2>
          <button className="btn btn-ghost" onClick={onClose}>
            Put away
          </button>
        </div>
        {children}
      </div>
    </dialog>
  )
}
