import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, got } from '@/api/client'
import { refreshReadings } from '@/api/refresh'
import type { InterfaceView, MachineView, ReadingFileView } from '@/api/types'
import { Busy } from '@/ui/Busy'
import { FileButton } from '@/ui/FileButton'
import { ErrorNote } from '@/ui/ProblemNote'
import { Sheet } from '@/ui/Sheet'
import { useLeading } from '@/ui/leading'

export type TakeReadingsProps = { readonly machine: MachineView; readonly place: InterfaceView; readonly onClose: () => void }

/** Readings pasted or from a file: looked at line by line, taken only when confirmed. */
export function TakeReadings({ machine, place, onClose }: TakeReadingsProps) {
  const [text, setText] = useState('')
  const { leading } = useLeading()
  const client = useQueryClient()
  const send = useMutation({
    mutationFn: (take: boolean) =>
      got(
        api.POST('/api/machines/{id}/reading-files', {
          params: { path: { id: machine.id } },
          body: {
            text,
            leading,
            place: place.id,
            instrument: 'caliper',
            take,
          },
        }),
      ),
    onSuccess: async (answer) => {
      if (answer.taken === 0) return
      await refreshReadings(client)
      onClose()
    },
  })
  const change = (next: string) => {
    setText(next)
    send.reset()
  }
  return (
    <Sheet title={`Readings for ${machine.name}`} onClose={onClose}>
      <p>
        The first line names the columns: <span className="figure">place, dimension, reading, instrument, remark</span>. Only dimension and
        reading are needed; without a place they go to {place.name}, without an instrument they were read with the caliper.
      </p>
      <textarea
        className="textarea figure h-40 w-full"
        aria-label="Readings as CSV"
        value={text}
        onChange={(e) => change(e.target.value)}
        placeholder={`dimension,reading\n${place.dimensions[0]?.key ?? 'inside'},51.2`}
      />
      <div className="flex flex-wrap gap-2">
        <FileButton label="File of readings" accept=".csv,.txt,text/csv,text/plain" onFile={(chosen) => void chosen.text().then(change)}>
          From a file
        </FileButton>
        <button className="btn btn-primary" disabled={text.trim() === '' || send.isPending} onClick={() => send.mutate(false)}>
          Look at it
        </button>
        {send.data && send.data.good > 0 && (
          <button className="btn btn-primary" disabled={send.isPending} onClick={() => send.mutate(true)}>
            Take {send.data.good} reading{send.data.good === 1 ? '' : 's'}
          </button>
        )}
      </div>
      {send.isPending && <Busy what="Reading the lines" />}
      {send.isError && <ErrorNote error={send.error} />}
      {send.data && <Lines file={send.data} />}
    </Sheet>
  )
}

function Lines({ file }: { readonly file: ReadingFileView }) {
  const known = file.lines.filter((l) => l.known).length
  const bad = file.lines.length - file.good - known
  return (
    <>
      <p className="font-semibold">
        {file.good} can be taken{known > 0 && `, ${known} ${known === 1 ? 'is' : 'are'} in the notebook already`}
        {bad > 0 && `, ${bad} cannot`}. Nothing is kept yet.
      </p>
      <ol className="max-h-72 overflow-auto" aria-label="Lines">
        {file.lines.map((line) => (
          <li key={line.number} className="border-base-300 border-b py-1" data-good={line.problems.length === 0}>
            <span className="quiet figure mr-2">{line.number}</span>
            {line.problems.length === 0 ? (
              <>
                {line.place}, {line.dimension}: <span className="figure font-semibold">{line.metric}</span>
                {line.known && <span className="quiet"> known already</span>}
              </>
            ) : (
              <>
                <span className="figure">{line.raw}</span>
                {line.problems.map((p) => (
                  <span key={p.field + p.message} className="text-error block">
                    {p.message} {p.remedy}
                  </span>
                ))}
              </>
            )}
          </li>
        ))}
      </ol>
    </>
  )
}
