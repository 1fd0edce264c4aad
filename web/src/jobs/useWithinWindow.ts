import { useLayoutEffect, useRef, useState, type CSSProperties } from 'react'

const margin = 8

/** Keeps what opens beside its parent wholly within the window, however tall it grows. */
export function useWithinWindow() {
  const ref = useRef<HTMLFormElement>(null)
  const [style, setStyle] = useState<CSSProperties>({ opacity: 0 })
  useLayoutEffect(() => {
    const form = ref.current
    const anchor = form?.parentElement
    if (!form || !anchor) return
    const place = () => {
      const [at, own] = [anchor.getBoundingClientRect(), form.getBoundingClientRect()]
      const within = (wanted: number, size: number, room: number) => Math.max(margin, Math.min(wanted, room - size - margin))
      setStyle({
        left: within(at.left + (at.width - own.width) / 2, own.width, window.innerWidth),
        top: within(at.top, own.height, window.innerHeight),
      })
    }
    place()
    const grown = new ResizeObserver(place)
    grown.observe(form)
    window.addEventListener('resize', place)
    window.addEventListener('scroll', place, true)
    return () => {
      grown.disconnect()
      window.removeEventListener('resize', place)
      window.removeEventListener('scroll', place, true)
    }
  }, [])
  return { ref, style }
}
