const ends = ['first', 'second']
const place = (slot: string) => (ends.includes(slot) ? `${slot} end` : slot)

/** A printed body in words: "ring of the first end", "member 3". */
export function inWords(key: string): string {
  const [body = '', member] = key.split('@')
  const [sort, ...rest] = body.split('-')
  const slot = rest.join('-')
  if (body === 'part') return member ? `member ${member}` : 'the whole part'
  if (sort === 'ladder') return `ladder of the ${place(slot)}`
  if (sort === 'ring') return ends.includes(slot) ? `ring of the ${place(slot)}` : `proof of the ${slot}`
  return member ? `${body} of member ${member}` : body
}

/** Where something was tried: "first#2" is the second ring of the first end's ladder. */
export const slotInWords = (slot: string) => {
  const [at = '', ring] = slot.split('#')
  return ring ? `ring ${ring} on the ${place(at)}` : `the ${place(at)}`
}
