import type { Instrument } from '@/api/types'

/** What each sort of instrument is called. */
export const kindWords: Readonly<Record<Instrument['kind'], string>> = {
  caliper: 'caliper',
  rule: 'stiff rule',
  tape: 'tape, also around things',
  depthRod: 'depth rod',
  radiusGauges: 'radius gauges',
  pitchGauge: 'pitch gauge',
  protractor: 'protractor',
  scale: 'scale',
  scanner: 'scanner',
  eye: 'counting by eye',
}
