import type { Station } from '@/api/types'

/** The stations of a job, in order. */
export const stations: readonly Station[] = ['measure', 'reckon', 'check', 'prove', 'print', 'try', 'keep']

export const stationName = (station: Station) => station.charAt(0).toUpperCase() + station.slice(1)

export const isStation = (text: string | null): text is Station => stations.some((s) => s === text)
