import type { Spool } from '@/api/types'

/** Filament left when it was weighed, g. */
export const left = (spool: Pick<Spool, 'gross' | 'tare'>) => Math.max(0, spool.gross - spool.tare)
