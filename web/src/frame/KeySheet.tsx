import { wordKeys } from '@/jobs/tries/TryWords'
import { Sheet } from '@/ui/Sheet'

const keys: readonly (readonly [string, string])[] = [
  ['0 … 9', 'start a reading in the dimension that is chosen'],
  ['r', 'new reading'],
  ['n', 'on to the next dimension'],
  ['c', 'take up the stand-in caliper or scale; h holds, z zeroes, Enter takes'],
  ['[ and ]', 'the station before and after'],
  ['t', 'note a try'],
  [wordKeys.join(' '), 'at a try: the word for it, from tight to loose; digits begin what was measured, Enter notes it'],
  ['/', 'find anything'],
  ['u', 'swap the leading unit'],
  ['.', 'why the focused figure is what it is'],
  ['↑ ↓', 'step the focused value'],
  ['Enter', 'edit the focused value'],
  ['x', 'in the round: cut it open, from the next side; PageUp and PageDown move the plane'],
  ['p, f', 'in the round: pieces apart; fit to view'],
  ['← → ↑ ↓ + −', 'in the round, when it is focused: turn it, come closer, go away'],
  ['Ctrl Z, Ctrl Y', 'take a change back, give it again'],
  ['Esc', 'close what is open'],
  ['?', 'this list'],
]

export function KeySheet({ onClose }: { readonly onClose: () => void }) {
  return (
    <Sheet title="Keys" onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        {keys.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="figure font-semibold">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <p className="quiet">No key acts while you type in a field.</p>
    </Sheet>
  )
}
