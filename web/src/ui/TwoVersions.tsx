export type TwoVersionsProps = {
  readonly rows: readonly { readonly label: string; readonly mine: string; readonly theirs: string }[]
  readonly onSettle: (keep: 'mine' | 'theirs') => void
}

/** Two people changed one thing: both versions side by side, and nothing lost until one is chosen. */
export function TwoVersions({ rows, onSettle }: TwoVersionsProps) {
  return (
    <>
      <table className="table" aria-label="Both versions">
        <thead>
          <tr>
            <th />
            <th>yours</th>
            <th>theirs</th>
          </tr>
        </thead>
        <tbody>
          {rows
            .filter((r) => r.mine !== r.theirs)
            .map((r) => (
              <tr key={r.label}>
                <th>{r.label}</th>
                <td className="figure">{r.mine}</td>
                <td className="figure">{r.theirs}</td>
              </tr>
            ))}
        </tbody>
      </table>
      <div className="flex gap-3">
        <button type="button" className="btn btn-primary" onClick={() => onSettle('mine')}>
          Keep mine
        </button>
        <button type="button" className="btn btn-outline" onClick={() => onSettle('theirs')}>
          Take theirs
        </button>
      </div>
    </>
  )
}
