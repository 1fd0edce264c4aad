import { useQuery } from '@tanstack/react-query'
import { useSyncExternalStore } from 'react'
import { notebook } from '@/api/notebook'
import { health } from '@/api/queries'

/** What stands in the way of the whole notebook, above everything: it is being opened again, the disk is nearly full, the last backup is old. */
export function NotebookBand() {
  const state = useSyncExternalStore(notebook.watch, notebook.get)
  const says = useQuery(health).data?.says ?? []
  const shown = state === 'opening' ? ['The notebook is being opened again. What you entered is held here and sent then.'] : says
  if (shown.length === 0) return null
  return (
    <div role="status" className="bg-warning text-warning-content px-4 py-2">
      {shown.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
    </div>
  )
}
