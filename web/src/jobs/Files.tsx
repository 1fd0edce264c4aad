import { useQuery } from '@tanstack/react-query'
import { history } from '@/api/queries'
import { printedInWords } from './inWords'
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

/** The part on paper, for the bench; holes at full size on a page of their own. */
function ShopCards() {
  const work = useWork()
  const member = (work.editing.draft.present.row ?? []).length > 0 ? `&member=${work.member}` : ''
  return (
    <span className="flex min-h-12 flex-wrap items-center justify-between gap-x-3" role="group" aria-label="Shop card">
      <span className="font-semibold">Shop card</span>
      <span className="flex gap-1">
        {(['a4', 'letter'] as const).map((paper) => (
          <a
            key={paper}
            className="btn btn-outline px-3"
            href={`/api/parts/${work.part.id}/card.pdf?paper=${paper}${member}`}
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
