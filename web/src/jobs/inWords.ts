/** A printed body in words: "ring of the first end". */
export const inWords = (body: string) =>
  body === 'part'
    ? 'the whole part'
    : body.startsWith('ladder-')
      ? `ladder of the ${body.replace('ladder-', '')} end`
      : `ring of the ${body.replace('ring-', '')} end`

/** Where something was tried: "first#2" is the second ring of the first end's ladder. */
export const slotInWords = (slot: string) => {
  const [end, ring] = slot.split('#')
  return ring ? `ring ${ring} on the ${end} end` : `the ${end} end`
}
