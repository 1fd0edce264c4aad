import type { DrawingView } from '@/api/types'
import { SectionPicture } from '@/drawing/SectionPicture'
import { CalloutLabel } from './CalloutLabel'
import { useWork } from './useWork'

export type SeatDrawingProps = { readonly drawing: DrawingView }

/** The section with its callouts around it; each callout is edited where it stands. */
export function SeatDrawing({ drawing }: SeatDrawingProps) {
  const work = useWork()
  return (
    <SectionPicture
      drawing={drawing}
      label="Section through machine and part"
      onDrag={work.editing.set}
      at={(placed) => <CalloutLabel placed={placed} />}
    />
  )
}
