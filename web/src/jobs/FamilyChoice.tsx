import { useQuery } from '@tanstack/react-query'
import { families } from '@/api/queries'
import type { FamilyView } from '@/api/types'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'

/** What sort of part answers the need. */
export function FamilyChoice({ onChoose }: { readonly onChoose: (family: FamilyView) => void }) {
  const list = useQuery(families)
  if (list.isError) return <ErrorNote error={list.error} />
  if (!list.data) return <Loading what="the families" className="h-80" />
  return (
    <ul className="flex max-h-[60vh] flex-col gap-2 overflow-auto" aria-label="Families">
      {list.data.map((family) => (
        <li key={family.key}>
          <button className="border-base-300 hover:border-primary w-full rounded-md border p-3 text-left" onClick={() => onChoose(family)}>
            <span className="block text-lg font-semibold">{family.name}</span>
            <span className="quiet">{family.need}</span>
          </button>
        </li>
      ))}
    </ul>
  )
}
