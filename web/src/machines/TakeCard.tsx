import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { sendJson } from '@/api/client'
import type { CardPreview, MachineView } from '@/api/types'
import { FileButton } from '@/ui/FileButton'
import { ErrorNote } from '@/ui/ProblemNote'
import { readJson } from '@/ui/readJson'
import { Sheet } from '@/ui/Sheet'

const states: Readonly<Record<string, string>> = {
  new: 'is new here',
  same: 'is here already, reading for reading',
  more: 'is here; the card has readings that are not',
  differs: 'is here, and its sizes contradict the card',
}

/** Takes in a machine that another workshop saved: what it would do is shown first. */
export function TakeCard() {
  const [card, setCard] = useState<unknown>(null)
  const client = useQueryClient()
  const navigate = useNavigate()
  const look = useMutation({
    mutationFn: async (file: File) => {
      const parsed = await readJson(file, 'is no machine card. Choose a file that was saved as one.')
      setCard(parsed)
      return sendJson<CardPreview>('POST', '/api/machine-cards/previews', parsed)
    },
  })
  const take = useMutation({
    mutationFn: (into: string | null) => sendJson<MachineView>('POST', `/api/machine-cards${into ? `?into=${into}` : ''}`, card),
    onSuccess: async (machine) => {
      look.reset()
      await client.invalidateQueries()
      await navigate(`/machines/${machine.id}`)
    },
  })
  const preview = look.data
  return (
    <>
      <FileButton label="Machine card" accept=".json,application/json" quiet onFile={look.mutate}>
        Take in a card
      </FileButton>
      {look.isError && <ErrorNote error={look.error} />}
      {preview && (
        <Sheet title="Take in a machine card" onClose={() => look.reset()}>
          <ul aria-label="Places of the card">
            {preview.places.map((p) => (
              <li key={p.name} className="border-base-300 border-b py-2">
                <span className="font-semibold">{p.name}</span> <span className="quiet">{p.kindName}</span> {states[p.state]}.
                {p.differences.map((d) => (
                  <span key={d} className="text-warning block">
                    {d}
                  </span>
                ))}
              </li>
            ))}
          </ul>
          {preview.newInstruments.length > 0 && <p>New instruments come with it: {preview.newInstruments.join(', ')}.</p>}
          {preview.otherInstruments.length > 0 && (
            <p>Known here with other figures, which stay as they are: {preview.otherInstruments.join(', ')}.</p>
          )}
          {take.isError && <ErrorNote error={take.error} />}
          <div className="flex flex-wrap gap-3">
            {preview.named && (
              <button className="btn btn-primary" disabled={take.isPending} onClick={() => take.mutate(preview.named!.id)}>
                Add to {preview.named.name}
              </button>
            )}
            <button
              className={`btn ${preview.named ? 'btn-outline' : 'btn-primary'}`}
              disabled={take.isPending}
              onClick={() => take.mutate(null)}
            >
              Take as a new machine
            </button>
          </div>
        </Sheet>
      )}
    </>
  )
}
