import type { UseQueryResult } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { Loading } from './Loading'
import { ErrorNote } from './ProblemNote'

export type KnownProps = {
  readonly asked: readonly Pick<UseQueryResult, 'data' | 'error'>[]
  /** What is being read: "the setups". */
  readonly what: string
  readonly children: ReactNode
}

/** A form whose lists choose something by themselves: it stands there once they were read, for sent before it would say less than it shows. */
export function Known({ asked, what, children }: KnownProps) {
  const error = asked.find((q) => q.error && q.data === undefined)?.error
  if (error) return <ErrorNote error={error} />
  return asked.every((q) => q.data !== undefined) ? children : <Loading what={what} />
}
