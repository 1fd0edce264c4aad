import { useMutation, useQueryClient } from '@tanstack/react-query'
import { api, got } from '@/api/client'
import { refreshReadings } from '@/api/refresh'
import type { MachineView } from '@/api/types'
import { ErrorNote } from '@/ui/ProblemNote'

/** Places of a machine that were put away, each with the way back. */
export function PutAway({ places }: { readonly places: MachineView['putAway'] }) {
  const client = useQueryClient()
  const back = useMutation({
    mutationFn: async (id: string) => {
      const { version, name, items } = await got(api.GET('/api/interfaces/{id}', { params: { path: { id } } }))
      return got(api.PUT('/api/interfaces/{id}', { params: { path: { id } }, body: { version, name, items, archived: false } }))
    },
    onSuccess: () => refreshReadings(client),
  })
  return (
    <section aria-label="Put away" className="flex flex-col gap-1">
      <h2 className="quiet">Put away</h2>
      <ul>
        {places.map((p) => (
          <li key={p.id} className="flex items-center gap-3">
            <span>{p.name}</span>
            <button className="btn btn-ghost" disabled={back.isPending} onClick={() => back.mutate(p.id)}>
              Bring {p.name} back
            </button>
          </li>
        ))}
      </ul>
      {back.isError && <ErrorNote error={back.error} />}
    </section>
  )
}
