/** What stands in the fields of a form, by the path of each in what is sent: "pace.wallSpeed". */
export type Texts = Readonly<Record<string, string>>

/** The figures and words of something as texts; lists are written with commas. Left out is what is open, and what nobody enters: identity and version. */
export function toTexts(value: object, path = ''): Texts {
  const texts: Record<string, string> = {}
  for (const [key, held] of Object.entries<unknown>({ ...value })) {
    if (key === 'id' || key === 'version') continue
    if (Array.isArray(held)) texts[path + key] = held.join(', ')
    else if (typeof held === 'object' && held !== null) Object.assign(texts, toTexts(held, `${path + key}.`))
    else if (typeof held === 'string' || typeof held === 'number') texts[path + key] = String(held)
  }
  return texts
}

/** Texts as they are sent. What is empty is left out; what should be a figure and is none is sent as it is, and refused in words. */
export function fromTexts(texts: Texts, figures: ReadonlySet<string>): object {
  const sent = {}
  for (const [path, text] of Object.entries(texts)) {
    if (text.trim() === '') continue
    const keys = path.split('.')
    const last = keys.pop() ?? path
    const into = keys.reduce<Record<string, unknown>>((at, key) => (at[key] ??= {}) as Record<string, unknown>, sent)
    into[last] = figures.has(path) ? figure(text) : text.trim()
  }
  return sent
}

/** Lengths written with commas or spaces between them. */
export const lengths = (text: string): readonly (number | string)[] =>
  text
    .split(/[\s,;]+/)
    .filter((part) => part !== '')
    .map(figure)

const figure = (text: string): number | string => (Number.isFinite(Number(text)) && text.trim() !== '' ? Number(text) : text.trim())

/** All of a group once any of it is given: what was left empty is as it is elsewhere. A group that is empty stays so. */
export const whole = (texts: Texts, group: string, elsewhere: Texts): Texts =>
  Object.keys(texts).some((key) => key.startsWith(group) && texts[key]?.trim())
    ? { ...elsewhere, ...Object.fromEntries(Object.entries(texts).filter(([, text]) => text.trim() !== '')) }
    : texts
