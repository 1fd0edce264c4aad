import { useMutation, useQueryClient } from '@tanstack/react-query'
import { sendForFile } from '@/api/client'
import { history } from '@/api/queries'
import type { BedfulView, Job } from '@/api/types'
import { ErrorNote } from '@/ui/ProblemNote'
import { printOf } from './rows'

export type BedfulFilesProps = { readonly job: Job; readonly bedful: BedfulView; readonly name: string }

/** The files of one bedful as it lies, made of the numbered prints of its parts. */
export function BedfulFiles({ job, bedful, name }: BedfulFilesProps) {
  const client = useQueryClient()
  const write = useMutation({
    mutationFn: async (kind: '3mf' | 'stl') => {
      const placements = await Promise.all(
        bedful.placements.map(async (p) => {
          const part = job.parts.find((x) => x.id === p.part)
          const { revisions } = await client.fetchQuery({ ...history(p.part), staleTime: 10_000 })
          const print = printOf(p.body, part?.state.row?.[p.member - 1], revisions)
          if (!print)
            throw new Error(`${part?.name ?? 'A part'} has no number yet as it lies here. Number the print first; it stands on the part.`)
          const { part: of, body, x, y, width, depth, turned } = p
          return { part: of, ...print, body, x, y, width, depth, turned, group: bedful.group }
        }),
      )
      await sendForFile(`/api/jobs/${job.id}/bedful-files`, { name, kind, placements })
    },
  })
  return (
    <div className="flex flex-wrap items-center gap-2" role="group" aria-label={`Files of ${name}`}>
      {(['3mf', 'stl'] as const).map((kind) => (
        <button key={kind} className="btn btn-outline px-3" disabled={write.isPending} onClick={() => write.mutate(kind)}>
          {kind.toUpperCase()} of this bed
        </button>
      ))}
      {write.isError && <ErrorNote error={write.error} />}
    </div>
  )
}
