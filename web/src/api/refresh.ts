import type { QueryClient } from '@tanstack/react-query'

/** What hangs on the notebook's rows of a part: asked anew after something was noted. */
export const refreshPart = (client: QueryClient) =>
  Promise.all(['history', 'design', 'plan', 'bench'].map((name) => client.invalidateQueries({ queryKey: [name] })))

/** What hangs on readings: asked anew after one was taken or struck. */
export const refreshReadings = (client: QueryClient) =>
  Promise.all(['machines', 'design', 'plan', 'bench', 'measure-next'].map((name) => client.invalidateQueries({ queryKey: [name] })))
