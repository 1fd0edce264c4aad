/** The places with one slot filled anew, or emptied by an empty id. */
export const withSlot = (places: Readonly<Record<string, string>>, slot: string, id: string): Record<string, string> =>
  Object.fromEntries([...Object.entries(places).filter(([key]) => key !== slot), ...(id === '' ? [] : [[slot, id] as const])])
