import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, sendFile } from '@/api/client'
import { photos } from '@/api/queries'
import { Busy } from '@/ui/Busy'
import { FileButton } from '@/ui/FileButton'
import { ErrorNote } from '@/ui/ProblemNote'

/** Photographs pinned to a place. */
export function Photos({ place }: { readonly place: string }) {
  const list = useQuery(photos(place)).data ?? []
  const client = useQueryClient()
  const [caption, setCaption] = useState('')
  const refresh = () => client.invalidateQueries({ queryKey: ['photos', place] })
  const pin = useMutation({
    mutationFn: (file: File) => sendFile(`/api/interfaces/${place}/photos?caption=${encodeURIComponent(caption)}`, file),
    onSuccess: async () => {
      setCaption('')
      await refresh()
    },
  })
  const takeOff = useMutation({
    mutationFn: (id: string) => api.POST('/api/photos/{id}/removals', { params: { path: { id } } }),
    onSuccess: refresh,
  })
  return (
    <section aria-label="Photographs" className="flex flex-col gap-2">
      <h3 className="text-lg font-semibold">Photographs</h3>
      <ul className="flex flex-wrap gap-3">
        {list.map((p) => (
          <li key={p.id} className="flex w-44 flex-col gap-1">
            <a href={`/api/photos/${p.id}.jpg`} target="_blank" rel="noreferrer">
              <img
                src={`/api/photos/${p.id}/thumbnail.jpg`}
                alt={p.caption || 'photograph'}
                width={p.width}
                height={p.height}
                className="border-base-300 h-32 w-44 rounded border object-cover"
                loading="lazy"
              />
            </a>
            <span className="flex items-center justify-between gap-1 text-sm">
              <span className="truncate">{p.caption}</span>
              <button
                className="btn btn-ghost btn-sm"
                onClick={() => takeOff.mutate(p.id)}
                aria-label={`Take off ${p.caption || 'photograph'}`}
              >
                Take off
              </button>
            </span>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2">
        <input
          className="input min-w-40 grow"
          value={caption}
          onChange={(e) => setCaption(e.target.value)}
          placeholder="what it shows"
          aria-label="Caption"
        />
        <FileButton label="Photograph" accept="image/jpeg,image/png,image/webp" disabled={pin.isPending} onFile={pin.mutate}>
          Pin a photograph
        </FileButton>
      </div>
      {pin.isPending && <Busy what="Keeping the photograph" />}
      {(pin.error ?? takeOff.error) && <ErrorNote error={(pin.error ?? takeOff.error)!} />}
    </section>
  )
}
