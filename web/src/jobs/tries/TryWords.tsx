import { useRef } from 'react'
import type { TryChoice } from '@/api/types'
import { useKeys } from '@/ui/useKeys'
import { outlined } from './outlined'

/** One key for each word of a seat, side by side on the keyboard, from tight to loose. */
export const wordKeys = ['c', 'v', 'b', 'n', 'm']

export type TryWordsProps = {
  readonly choices: readonly TryChoice[]
  readonly said: TryChoice | null
  readonly onSay: (word: TryChoice) => void
}

/** The words of a joint, large; a key says one and leaves it focused, so that Enter notes it. */
export function TryWords({ choices, said, onSay }: TryWordsProps) {
  const list = useRef<HTMLFieldSetElement>(null)
  const keyed = choices.map((choice, i) => [choice.feel === null ? undefined : wordKeys[i], choice, i] as const)
  useKeys(
    Object.fromEntries(
      keyed
        .filter(([key]) => key !== undefined)
        .map(([key, choice, i]) => [
          key!,
          () => {
            onSay(choice)
            list.current?.querySelectorAll('input')[i]?.focus()
          },
        ]),
    ),
  )
  return (
    <fieldset className="flex flex-col gap-2" ref={list}>
      <legend className="mb-1 font-semibold">It</legend>
      {keyed.map(([key, choice]) => {
        const checked = said?.says === choice.says
        return (
          <label key={choice.says} className={`flex min-h-12 items-center gap-3 rounded-md border px-3 text-lg ${outlined(checked)}`}>
            <input type="radio" name="word" className="radio radio-primary" checked={checked} onChange={() => onSay(choice)} />
            <span className="grow">{choice.says}</span>
            {key && (
              <kbd className="kbd kbd-sm" aria-hidden>
                {key}
              </kbd>
            )}
          </label>
        )
      })}
    </fieldset>
  )
}
