import type { Part, PartState } from '@/api/types'
import { Sheet } from '@/ui/Sheet'
import { TwoVersions } from '@/ui/TwoVersions'

export type ConflictSheetProps = { readonly mine: PartState; readonly theirs: Part; readonly onSettle: (keep: 'mine' | 'theirs') => void }

/** Two people changed one part. */
export function ConflictSheet({ mine, theirs, onSettle }: ConflictSheetProps) {
  const keys = [...new Set([...Object.keys(mine.parameters), ...Object.keys(theirs.state.parameters)])]
  const open = 'left to Emboq'
  return (
    <Sheet title="Somebody else changed this part" onClose={() => onSettle('theirs')}>
      <TwoVersions
        rows={keys.map((k) => ({ label: k, mine: mine.parameters[k] ?? open, theirs: theirs.state.parameters[k] ?? open }))}
        onSettle={onSettle}
      />
    </Sheet>
  )
}
