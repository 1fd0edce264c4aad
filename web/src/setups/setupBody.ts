import type { Printer, Setup, SettingForms } from '@/api/types'
import { fromTexts, toTexts, whole, type Texts } from './formTexts'

/** What the form of a setup sends. Speeds of its own are whole, the missing ones its printer's; so are the figures of a surface, the missing ones usual. */
export function setupBody(texts: Texts, forms: SettingForms, printer: Printer | undefined, before: Setup | undefined): object {
  const known = before ? toTexts(before) : {}
  let all = printer ? whole(texts, 'pace.', toTexts({ pace: printer.pace })) : texts
  for (const { key, usual } of forms.surfaces) {
    const group = `allowances.${key}.`
    const keys = forms.allowance.map((f) => group + f.key)
    const isOwn = keys.some((k) => all[k]?.trim())
    const isAsBefore = keys.every((k) => (all[k] ?? '') === (known[k] ?? ''))
    if (!isOwn) all = Object.fromEntries(Object.entries(all).filter(([k]) => !k.startsWith(group)))
    else if (!isAsBefore) all = { ...whole(all, group, toTexts(usual, group)), [`${group}basis`]: 'Entered by hand.' }
  }
  const surfaces = forms.surfaces.flatMap((s) => forms.allowance.map((f) => `allowances.${s.key}.${f.key}`))
  return fromTexts(all, new Set([...forms.setup.map((f) => f.key), ...surfaces]))
}
