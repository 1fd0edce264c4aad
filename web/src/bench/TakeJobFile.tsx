import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef } from 'react'
import { useNavigate } from 'react-router'
import { ApiProblem, sendJson } from '@/api/client'
import type { Job } from '@/api/types'
import { ErrorNote } from '@/ui/ProblemNote'

/** Takes in the job of a pack that another Emboq wrote, with its machines and readings. */
export function TakeJobFile() {
  const input = useRef<HTMLInputElement>(null)
  const navigate = useNavigate()
  const client = useQueryClient()
  const take = useMutation({
    mutationFn: async (file: File) => sendJson<Job>('POST', '/api/job-files', parsed(await file.text(), file.name)),
    onSuccess: async (job) => {
      await client.invalidateQueries()
      await navigate(`/jobs/${job.id}?at=measure`)
    },
  })
  return (
    <div className="flex flex-col gap-2">
      <button className="btn btn-outline" disabled={take.isPending} onClick={() => input.current?.click()}>
        Take in a job file
      </button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        className="hidden"
        aria-label="Job file"
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) take.mutate(file)
        }}
      />
      {take.error && <ErrorNote error={take.error} />}
    </div>
  )
}

function parsed(text: string, name: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    throw new ApiProblem(0, `${name} is no job file. Choose the job.json out of a pack.`, [])
  }
}
