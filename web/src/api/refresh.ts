import type { QueryClient } from '@tanstack/react-query'

/** What is computed of parts, by the first word of its key. */
const computed: readonly unknown[] = ['design', 'plan', 'motions', 'next']

/** Has everything that is computed asked anew, but of one part. */
export const refreshComputed = (client: QueryClient, but?: string) =>
  client.invalidateQueries({ predicate: ({ queryKey }) => computed.includes(queryKey[0]) && !(but && queryKey.includes(but)) })

const refresh = (client: QueryClient, names: readonly string[]) =>
  Promise.all([refreshComputed(client), ...names.map((name) => client.invalidateQueries({ queryKey: [name] }))])

/** What hangs on the notebook's rows of a part: asked anew after something was noted. */
export const refreshPart = (client: QueryClient) => refresh(client, ['history', 'bench', 'fits'])

/** What hangs on readings: asked anew after one was taken or struck. */
export const refreshReadings = (client: QueryClient) => refresh(client, ['machines', 'bench', 'measure-next', 'fits'])

/** What hangs on test prints of setups: asked anew after a face was told. */
export const refreshFits = (client: QueryClient) => refresh(client, ['bench', 'fits'])

/** What hangs on the windows of fits: asked anew after one was moved or taken back. */
export const refreshWindows = (client: QueryClient) => refresh(client, ['bench', 'fit-windows'])
