import { useRef } from 'react'
import { ApiProblem, sendJson } from '@/api/client'

/** Makes or names something. A name in use is told once; sent again from the same form unchanged, a second of that name is meant. */
export function useMakeNamed() {
  const told = useRef<string | null>(null)
  return async <T>(path: string, name: string, body: unknown, method: 'POST' | 'PUT' = 'POST'): Promise<T> => {
    try {
      return await sendJson<T>(method, told.current === name ? `${path}?again=true` : path, body)
    } catch (error) {
      told.current = error instanceof ApiProblem && error.status === 409 && error.at('name') ? name : null
      throw error
    }
  }
}
