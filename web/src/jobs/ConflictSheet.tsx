import type { Part, PartState } from '@/api/types'
import { Sheet } from '@/ui/Sheet'

export type ConflictSheetProps = { readonly mine: PartState; readonly theirs: Part; readonly onSettle: (keep: 'mine' | 'theirs') => void }

/** Two people changed one part: both versions side by side, and nothing lost until one is chosen. */
export function ConflictSheet({ mine, theirs, onSettle }: ConflictSheetProps) {
  const keys = [...new Set([...Object.keys(mine.parameters), ...Object.keys(theirs.state.parameters)])]
  const differing = keys.filter((k) => mine.parameters[k] !== theirs.state.parameters[k])
  return (
    <Sheet title="Somebody else changed this part" onClose={() => onSettle('theirs')}>
      <table className="table">
        <thead>
          <tr>
            <th />
            <th>yours</th>
            <th>theirs</th>
          </tr>
        </thead>
        <tbody>
          {differing.map((k) => (
            <tr key={k}>
              <th>{k}</th>
              <td className="figure">{mine.parameters[k] ?? 'left to Emboq'}</td>
              <td className="figure">{theirs.state.parameters[k] ?? 'left to Emboq'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="flex gap-3">
        <button className="btn btn-primary" onClick={() => onSettle('mine')}>
          Keep mine
        </button>
        <button className="btn btn-outline" onClick={() => onSettle('theirs')}>
          Take theirs
        </button>
      </div>
    </Sheet>
  )
}
