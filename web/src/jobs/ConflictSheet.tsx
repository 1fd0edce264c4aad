import type { FamilyView, MachineSummary, Part, PartState, Process } from '@/api/types'
import { Sheet } from '@/ui/Sheet'
import { TwoVersions } from '@/ui/TwoVersions'
import { merged } from './merge'
import { memberName } from './rows'

export type ConflictSheetProps = {
  readonly base: PartState
  readonly mine: PartState
  readonly theirs: Part
  readonly family: FamilyView
  readonly machines: readonly MachineSummary[]
  readonly processes: readonly Process[]
  readonly onSettle: (keep: 'mine' | 'theirs') => void
}

/** Two people changed the same thing of one part; what only one of them changed is joined either way. */
export function ConflictSheet({ base, mine, theirs, onSettle, ...names }: ConflictSheetProps) {
  const { clashes } = merged(base, mine, theirs.state, 'mine')
  return (
    <Sheet title="Somebody else changed this part" onClose={() => onSettle('theirs')}>
      <TwoVersions
        rows={clashes.map((at) => ({ label: label(at, names), mine: says(at, mine, names), theirs: says(at, theirs.state, names) }))}
        onSettle={onSettle}
      />
    </Sheet>
  )
}

type Names = Pick<ConflictSheetProps, 'family' | 'machines' | 'processes'>

/** What a decision is called on the screen. */
function label(at: string, { family }: Names): string {
  const [sort, key] = at.split('/')
  if (sort === 'parameter') return family.parameters.find((p) => p.key === key)?.label ?? 'another decision'
  if (sort === 'place') return family.slots.find((s) => s.key === key)?.label ?? 'another place'
  if (sort === 'taken') return family.takes.find((t) => t.key === key)?.label ?? 'Taken from another part'
  if (sort === 'setup') return 'Setup of its own'
  return { process: 'Setup', row: 'The row' }[at] ?? at
}

/** What a state decides, in words. */
function says(at: string, state: PartState, { family, machines, processes }: Names): string {
  const [sort, key = ''] = at.split('/')
  if (sort === 'parameter') {
    const entry = state.parameters[key]
    return family.parameters.find((p) => p.key === key)?.options.find((o) => o.key === entry)?.label ?? entry ?? 'left to Emboq'
  }
  if (sort === 'place') return machines.flatMap((m) => m.interfaces).find((i) => i.id === state.interfaces[key])?.name ?? 'no place'
  if (sort === 'process') return processes.find((p) => p.id === state.process)?.name ?? 'another setup'
  if (sort === 'setup') return processes.find((p) => p.id === state.setups[key])?.name ?? 'as the part'
  if (sort === 'taken') return state.takes[key] ? 'another part' : (family.takes.find((t) => t.key === key)?.otherwise ?? 'nothing')
  return (state.row ?? []).map((item, i) => memberName(item, i + 1)).join(', ') || 'one part'
}
