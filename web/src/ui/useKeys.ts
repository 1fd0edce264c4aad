import { useEffect, useRef } from 'react'

export type KeyMap = Readonly<Record<string, (event: KeyboardEvent) => void>>

/** Whether somebody types: no key acts then. What is slid or ticked takes no letters. */
export const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName)) &&
  !(target instanceof HTMLInputElement && ['range', 'radio', 'checkbox'].includes(target.type))

/** Keys of a screen. None acts while somebody types in a field, under an open sheet, or with a modifier held. `digit` stands for any digit. */
export function useKeys(keys: KeyMap) {
  const current = useRef(keys)
  useEffect(() => {
    current.current = keys
  })
  useEffect(() => {
    const act = (event: KeyboardEvent) => {
      if (
        event.defaultPrevented ||
        document.querySelector('dialog[open]') ||
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        typing(event.target)
      )
        return
      const action = current.current[event.key] ?? (/^\d$/.test(event.key) ? current.current.digit : undefined)
      if (!action) return
      event.preventDefault()
      action(event)
    }
    window.addEventListener('keydown', act)
    return () => window.removeEventListener('keydown', act)
  }, [])
}
