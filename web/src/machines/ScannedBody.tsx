import { useState } from 'react'
import type { InterfaceView } from '@/api/types'
import { Figure } from '@/ui/Figure'
import { Deviation } from './Deviation'
import { OutlineFromScan } from './OutlineFromScan'

/** A body that only a scan tells: its sections, and where they come from. */
export function ScannedBody({ place }: { readonly place: InterfaceView }) {
  const [deviation, setDeviation] = useState('0.1')
  const scan = place.outline
  return (
    <section aria-label="Scan" className="bg-base-200 flex flex-col gap-2 rounded p-3">
      {scan ? (
        <>
          <p>
            {scan.sections?.count} sections of <span className="font-semibold">{scan.source}</span>, as scanned
            {scan.sections && scan.sections.unscanned > 0
              ? `; ${scan.sections.unscanned} of them run across what was never scanned, and nothing is clamped there`
              : ''}
            {scan.sections?.surface ? null : '; its surface was not kept: a scan taken again keeps it'}
          </p>
          {scan.sections?.surface ? (
            <p className="flex flex-wrap items-center gap-2">
              {scan.sections.surface.triangles} triangles of its surface, within <Figure {...scan.sections.surface.within} /> of the scan
            </p>
          ) : null}
          <p className="flex items-center gap-2">
            <Figure {...scan.across} /> × <Figure {...scan.along} />
          </p>
        </>
      ) : (
        <p>No scan yet: give it one (STL, OBJ or PLY). A reading across its broadest place settles the scale.</p>
      )}
      <Deviation value={deviation} onChange={setDeviation} />
      <OutlineFromScan place={place} deviation={deviation} />
    </section>
  )
}
