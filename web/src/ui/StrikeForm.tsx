import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { sendJson } from '@/api/client'
import { ErrorNote } from './ProblemNote'

export type StrikeFormProps = {
  /** Where the strike is sent. */
  readonly path: string
  readonly onStruck: () => Promise<unknown>
  readonly onDone: () => void
}

/** Strikes something that was noted, with a reason: it stays to be read and no longer counts. */
export function StrikeForm({ path, onStruck, onDone }: StrikeFormProps) {
  const [because, setBecause] = useState('')
  const strike = useMutation({
    mutationFn: () => sendJson<undefined>('POST', path, { because }),
    onSuccess: async () => {
      await onStruck()
      onDone()
    },
  })
  return (
    <form
      className="flex w-full flex-wrap gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        strike.mutate()
      }}
    >
      <input
        className="input grow"
        autoFocus
        value={because}
        onChange={(e) => setBecause(e.target.value)}
        placeholder="Why? It slipped…"
        aria-label="Why it is struck out"
      />
      <button className="btn btn-outline" disabled={strike.isPending}>
        Strike out
      </button>
      <button type="button" className="btn btn-ghost" onClick={onDone}>
        Leave it
      </button>
      {strike.isError && <ErrorNote error={strike.error} />}
    </form>
  )
}
