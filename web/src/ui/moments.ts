/** A day, in the order that nobody misreads: "12 Nov 2026". */
export const day = (moment: string) => new Date(moment).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
