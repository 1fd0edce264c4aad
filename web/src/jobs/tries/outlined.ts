/** What of several is chosen, told by its edge. */
export const outlined = (chosen: boolean) => (chosen ? 'border-primary bg-primary/10 border-2 font-semibold' : 'border-base-300')
