import type { Problem } from './types'

/** What the API says is wrong: one entry for each field. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly problems: readonly Problem[],
    readonly body: Readonly<Record<string, unknown>> = {},
  ) {
    super(title)
  }

  /** The first problem of a field, or of any field that ends with it. */
  at(field: string): Problem | undefined {
    return this.problems.find((p) => p.field === field || p.field.endsWith(`.${field}`))
  }
}

async function read<T>(response: Response): Promise<T> {
  if (response.status === 204) return undefined as T
  const body: unknown = await response.json().catch(() => ({}))
  if (response.ok) return body as T
  const details = body as { title?: string; problems?: readonly Problem[] }
  throw new ApiProblem(response.status, details.title ?? `Emboq answered ${response.status}.`, details.problems ?? [], details)
}

async function ask<T>(path: string, init: RequestInit): Promise<T> {
  let response: Response
  try {
    response = await fetch(path, init)
  } catch (error) {
    if (init.signal?.aborted) throw error
    throw new ApiProblem(0, 'Emboq does not answer. Is it still running?', [])
  }
  return read<T>(response)
}

export const getJson = <T>(path: string, signal?: AbortSignal) => ask<T>(path, signal ? { signal } : {})

export const sendJson = <T>(method: 'POST' | 'PUT', path: string, body: unknown, signal?: AbortSignal) =>
  ask<T>(path, { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body), ...(signal ? { signal } : {}) })

/** Sends a file as it is. */
export const sendFile = <T>(path: string, file: File) =>
  ask<T>(path, { method: 'POST', headers: { 'content-type': file.type || 'application/octet-stream' }, body: file })
