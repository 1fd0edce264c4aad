import type { RevisionView } from '@/api/types'

export const capital = (text: string) => text.replace(/^./, (c) => c.toUpperCase())

/** What was printed, in the words of the part: "ring of the first end and ring of the second end". */
export const printedInWords = (revision: Pick<RevisionView, 'printed'>) => revision.printed.map((p) => p.name).join(' and ')
