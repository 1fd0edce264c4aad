import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { sendJson } from '@/api/client'
import type { Job } from '@/api/types'
import { FileButton } from '@/ui/FileButton'
import { ErrorNote } from '@/ui/ProblemNote'
import { readJson } from '@/ui/readJson'

/** Takes in the job of a pack that another Emboq wrote, with its machines and readings. */
export function TakeJobFile() {
  const navigate = useNavigate()
  const client = useQueryClient()
  const take = useMutation({
    mutationFn: async (file: File) =>
      sendJson<Job>('POST', '/api/job-files', await readJson(file, 'is no job file. Choose the job.json out of a pack.')),
    onSuccess: async (job) => {
      await client.invalidateQueries()
      await navigate(`/jobs/${job.id}?at=measure`)
    },
  })
  return (
    <div className="flex flex-col gap-2">
      <FileButton label="Job file" accept=".json,application/json" disabled={take.isPending} onFile={take.mutate}>
        Take in a job file
      </FileButton>
      {take.error && <ErrorNote error={take.error} />}
    </div>
  )
}
