import { useQuery } from '@tanstack/react-query'
import { history } from '@/api/queries'
import { printedInWords } from './inWords'
import { memberName } from './rows'
import { useWork } from './useWork'

const kinds = [
  ['stl', 'STL'],
  ['3mf', '3MF'],
  ['glb', 'glTF'],
  ['zip', 'Pack'],
] as const

/** The files of every print: for a printer, for a picture, and the pack for somebody else. */
export function Files() {
  const work = useWork()
  const revisions = useQuery(history(work.part.id)).data?.revisions ?? []
  return (
    <>
      <ShopCards />
      {revisions.length === 0 && <p className="quiet">Nothing is printed yet.</p>}
      <ul aria-label="Files">
        {revisions.map((r) => (
          <li key={r.number} className="border-base-300 flex min-h-12 flex-wrap items-center justify-between gap-x-3 border-b py-1">
            <span>
              <span className="figure font-semibold">Revision {r.number}</span>{' '}
              <span className="quiet block text-sm">{printedInWords(r)}</span>
            </span>
            <span className="flex gap-1" role="group" aria-label={`Files of revision ${r.number}`}>
              {kinds.map(([kind, label]) => (
                <a key={kind} className="btn btn-outline px-3" href={`/api/parts/${work.part.id}/revisions/${r.number}.${kind}`} download>
                  {label}
                </a>
              ))}
            </span>
          </li>
        ))}
      </ul>
    </>
  )
}

/** The part on paper, for the bench; holes and labels at full size on pages of their own. Of a row the member that is looked at, or all of them. */
function ShopCards() {
  const work = useWork()
  const row = work.editing.draft.present.row ?? []
  if (row.length < 2) return <Cards name="Shop card" of="" />
  return (
    <>
      <Cards name={`Shop card of ${memberName(row[work.member - 1] ?? row[0]!, work.member)}`} of={`&member=${work.member}`} />
      <Cards name={`Shop cards of all ${row.length}`} of="" />
    </>
  )
}

type CardsProps = { readonly name: string; readonly of: string }

function Cards({ name, of }: CardsProps) {
  const work = useWork()
  return (
    <span className="flex min-h-12 flex-wrap items-center justify-between gap-x-3" role="group" aria-label={name}>
      <span className="font-semibold">{name}</span>
      <span className="flex gap-1">
        {(['a4', 'letter'] as const).map((paper) => (
          <a
            key={paper}
            className="btn btn-outline px-3"
            href={`/api/parts/${work.part.id}/card.pdf?paper=${paper}${of}`}
            target="_blank"
            rel="noreferrer"
          >
            {paper === 'a4' ? 'A4' : 'Letter'}
          </a>
        ))}
      </span>
    </span>
  )
}
