import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { cameras } from '@/api/queries'
import type { Problem } from '@/api/types'
import { ProblemNote } from '@/ui/ProblemNote'
import { useAway } from '@/ui/useAway'

type WhichCameraProps = {
  readonly value: string
  readonly onChange: (id: string) => void
  readonly problem: Problem | undefined
}

/** One of the cameras whose lens is known. */
export function WhichCamera({ value, onChange, problem }: WhichCameraProps) {
  const shelf = useAway('cameras')
  const known = useQuery(cameras).data?.filter((c) => c.tells && !shelf.isAway(c.id))
  return (
    <>
      {known?.length === 0 ? (
        <p>
          No camera&apos;s lens is known yet: photograph a sheet of marks under{' '}
          <Link className="link" to="/instruments">
            Instruments
          </Link>
          .
        </p>
      ) : (
        <label className="flex items-center gap-2">
          <span className="quiet">It was the</span>
          <select className="select grow" value={value} aria-invalid={problem !== undefined} onChange={(e) => onChange(e.target.value)}>
            <option value="">choose a camera</option>
            {known?.map((c) => (
              <option key={c.id} value={c.id}>
                {c.name}
              </option>
            ))}
          </select>
        </label>
      )}
      {problem && <ProblemNote problem={problem} />}
    </>
  )
}
