import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { api, got } from '@/api/client'
import type { FamilyView, RowItem } from '@/api/types'
import { FileButton } from '@/ui/FileButton'
import { ErrorNote } from '@/ui/ProblemNote'
import { Sheet } from '@/ui/Sheet'
import { useLeading } from '@/ui/leading'
import { rowAsText } from './rows'
import { useWork } from './useWork'

/** Takes a row from a list: pasted, typed or from a file. What cannot be read is named by its line, and nothing typed is lost. */
export function ListSheet({ onClose }: { readonly onClose: () => void }) {
  const work = useWork()
  const { family, editing } = work
  const state = editing.draft.present
  const { leading } = useLeading()
  const [text, setText] = useState(() => rowAsTextOrNothing(state.row, family.columns))
  const take = useMutation({
    mutationFn: () => got(api.POST('/api/rows', { body: { family: family.key, text, leading } })),
    onSuccess: (row) => {
      editing.change({ ...state, row: [...row] }, 'row')
      work.setMember(1)
      onClose()
    },
  })
  const columns = family.listColumns.map((key) => family.columns.find((c) => c.key === key)?.label.toLowerCase() ?? key)
  return (
    <Sheet title="A row from a list" onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          take.mutate()
        }}
      >
        <p className="quiet">
          One line for each member{columns.length > 0 ? `: ${columns.join(', ')}` : ''}. A heading may name any size of this family, count,
          and group: a group is printed in one colour.
        </p>
        <details>
          <summary className="min-h-8 cursor-pointer">What a heading may name</summary>
          <p className="quiet text-sm">{family.columns.map((c) => c.label).join(', ')}, count, group.</p>
        </details>
        <textarea
          className="textarea figure h-64 w-full"
          aria-label="The list"
          autoFocus
          value={text}
          onChange={(e) => setText(e.target.value)}
          placeholder={family.listExample}
        />
        {take.isError && <ErrorNote error={take.error} />}
        <div className="flex flex-wrap gap-2">
          <button className="btn btn-primary grow" disabled={take.isPending}>
            Make the row
          </button>
          <FileButton label="A list to read" accept=".csv,.txt,.tsv,text/csv,text/plain" onFile={(file) => void file.text().then(setText)}>
            From a file
          </FileButton>
          {(state.row ?? []).length > 0 && (
            <button
              type="button"
              className="btn btn-outline"
              onClick={() => {
                editing.change({ ...state, row: null }, 'row')
                onClose()
              }}
            >
              One part again
            </button>
          )}
        </div>
      </form>
    </Sheet>
  )
}

const rowAsTextOrNothing = (row: readonly RowItem[] | null, columns: FamilyView['columns']) =>
  row && row.length > 0 ? rowAsText(row, columns) : ''
