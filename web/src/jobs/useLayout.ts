import { useRef, useState } from 'react'
import { sendForLines } from '@/api/client'
import type { BedfulsRequest, BedfulsStep, BedfulsView } from '@/api/types'

type Layout = {
  readonly step: BedfulsStep | null
  readonly done: BedfulsView | null
  readonly error: Error | null
}

/** Lays parts out step by step; it says how far it is, and can be stopped. */
export function useLayout(job: string) {
  const [layout, setLayout] = useState<Layout>({ step: null, done: null, error: null })
  const running = useRef<AbortController | null>(null)
  const lay = async (request: BedfulsRequest) => {
    running.current?.abort()
    const control = new AbortController()
    running.current = control
    setLayout({ step: { doing: 'Beginning', share: 0, done: null }, done: null, error: null })
    try {
      let done: BedfulsView | null = null
      for await (const step of sendForLines<BedfulsStep>(`/api/jobs/${job}/bedfuls`, request, control.signal)) {
        done = step.done
        setLayout({ step: done ? null : step, done, error: null })
      }
      if (!done) throw new Error('The answer broke off. Lay it out once more.')
    } catch (error) {
      const stopped = control.signal.aborted
      if (running.current === control) setLayout({ step: null, done: null, error: stopped ? null : (error as Error) })
    }
  }
  return { ...layout, lay, stop: () => running.current?.abort() }
}
