import createClient from 'openapi-fetch'
import { notebook } from './notebook'
import type { paths } from './schema'
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

async function problemOf(response: Response): Promise<ApiProblem> {
  const body: unknown = await response.json().catch(() => ({}))
  const details = body as { title?: string; problems?: readonly Problem[] }
  return new ApiProblem(response.status, details.title ?? `Emboq answered ${response.status}.`, details.problems ?? [], details)
}

const silence = () => new ApiProblem(0, 'Emboq does not answer. Is it still running?', [])

const pause = (ms: number, signal?: AbortSignal | null) =>
  new Promise<void>((done, gone) => {
    const timer = setTimeout(done, ms)
    signal?.addEventListener('abort', () => {
      clearTimeout(timer)
      gone(signal.reason as Error)
    })
  })

/** How long an answer that was lost, a machine that is busy, or a notebook that is being opened again, is asked for anew, ms after each attempt. */
const attempts = [300, 1000, 2000, 2000, 3000, 3000, 4000, 4000]
const lostAttempts = 2

/** Sends a request. What may be sent twice without harm is: it reads, or it has a key by which Emboq knows it again. */
async function send(path: string, init: RequestInit): Promise<Response> {
  const headers = new Headers(init.headers)
  headers.set('emboq-client', client)
  for (let attempt = 0; ; attempt++) {
    const wait = attempts[attempt]
    try {
      const response = await fetch(path, { ...init, headers })
      // Nothing was done where this is said: not even a write is done twice.
      const later = response.status === 503 && response.headers.has('retry-after')
      const opening = later && isNotebook(await response.clone().text())
      if (!later || wait === undefined) {
        if (!opening) notebook.set('open')
        return response
      }
      notebook.set(opening ? 'opening' : 'open')
    } catch (error) {
      if (init.signal?.aborted) throw error
      if (wait === undefined || attempt >= lostAttempts || !mayRepeat(init, headers)) throw silence()
    }
    await pause(wait, init.signal)
  }
}

const isNotebook = (body: string) => body.includes('"field":"notebook"')

const mayRepeat = (init: RequestInit, headers: Headers) => (init.method ?? 'GET') === 'GET' || headers.has('idempotency-key')

/** Two tabs are two clients: each gets its share of a busy machine. */
const client = crypto.randomUUID()

/** A key that is made once for a write, however often that is sent. */
const keyed = (): Record<string, string> => ({ 'idempotency-key': crypto.randomUUID() })

const posted = (body: unknown, signal?: AbortSignal): RequestInit => ({
  method: 'POST',
  headers: { 'content-type': 'application/json', ...keyed() },
  body: composed(body),
  ...(signal ? { signal } : {}),
})

/** Some keyboards send an accent apart from its letter; a name is to be the same whoever typed it. */
const composed = (body: unknown) => JSON.stringify(body).normalize('NFC')

/** The paths of the API with what each takes and answers, as the server describes them. What is refused is thrown as an ApiProblem. */
export const api = createClient<paths>({
  bodySerializer: composed,
  fetch: async (request: Request) => {
    const headers = new Headers(request.headers)
    if (request.method !== 'GET') for (const [name, value] of Object.entries(keyed())) headers.set(name, value)
    const body = request.method === 'GET' ? null : await request.text()
    const response = await send(request.url, { method: request.method, headers, body, signal: request.signal })
    if (!response.ok) throw await problemOf(response)
    return response
  },
})

/** Sends what somebody typed, or what a file holds, as it is: what is wrong with it the server says in words. */
export async function sendJson<T>(method: 'POST' | 'PUT', path: string, body: unknown): Promise<T> {
  const response = await send(path, { ...posted(body), method })
  if (!response.ok) throw await problemOf(response)
  return (response.status === 204 ? undefined : await response.json()) as T
}

/** What an answer holds. */
export const got = async <R extends { readonly data?: unknown }>(answer: Promise<R>) => (await answer).data as Exclude<R['data'], undefined>

/** Sends something and reads the answer line by line, as it comes. An answer that breaks off is no answer. */
export async function* sendForLines<T>(path: string, body: unknown, signal: AbortSignal): AsyncGenerator<T> {
  const response = await send(path, posted(body, signal))
  if (!response.ok || !response.body) throw await problemOf(response)
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader()
  let rest = ''
  for (;;) {
    const { done, value } = await reader.read().catch((error: unknown) => {
      throw signal.aborted ? error : silence()
    })
    const lines = (rest + (value ?? '')).split('\n')
    rest = lines.pop() ?? ''
    for (const line of lines.filter((l) => l.trim() !== '')) yield JSON.parse(line) as T
    if (done) return
  }
}

/** Sends something and saves the file that comes back, under the name it has. */
export async function sendForFile(path: string, body: unknown): Promise<void> {
  const response = await send(path, posted(body))
  if (!response.ok) throw await problemOf(response)
  const name = /filename="?([^";]+)"?/.exec(response.headers.get('content-disposition') ?? '')?.[1]
  const link = Object.assign(document.createElement('a'), { href: URL.createObjectURL(await response.blob()), download: name ?? 'file' })
  link.click()
  URL.revokeObjectURL(link.href)
}

/** Sends a file as it is. */
export async function sendFile<Answer = void>(path: string, file: File): Promise<Answer> {
  const headers = { 'content-type': file.type || 'application/octet-stream', ...keyed() }
  const response = await send(path, { method: 'POST', headers, body: file })
  if (!response.ok) throw await problemOf(response)
  return (response.status === 204 ? undefined : await response.json()) as Answer
}
