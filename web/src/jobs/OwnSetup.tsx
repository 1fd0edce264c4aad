import type { BodyView } from '@/api/types'
import { useSetups } from '@/setups/useSetups'
import { useWork } from './useWork'

export type OwnSetupProps = { readonly body: BodyView }

/** What one piece or proof is printed with, when not as the part. */
export function OwnSetup({ body }: OwnSetupProps) {
  const { editing } = useWork()
  const state = editing.draft.present
  const own = state.setups[body.key]
  const offered = useSetups(own).filter((p) => p.id === own || p.id !== state.process)
  const choose = (id: string) => {
    const others = Object.entries(state.setups).filter(([key]) => key !== body.key)
    editing.change({ ...state, setups: Object.fromEntries(id ? [...others, [body.key, id]] : others) }, `setup.${body.key}`)
  }
  return (
    <label className="flex flex-wrap items-center gap-2">
      <span className="quiet text-sm">printed with</span>
      <select
        className="select w-auto max-w-full"
        value={own ?? ''}
        aria-label={`Setup of ${body.name}`}
        onChange={(e) => choose(e.target.value)}
      >
        <option value="">the setup of the part</option>
        {offered.map((p) => (
          <option key={p.id} value={p.id}>
            {p.name}
          </option>
        ))}
      </select>
    </label>
  )
}
