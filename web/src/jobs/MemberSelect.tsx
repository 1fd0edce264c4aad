import { memberName } from './rows'
import { useWork } from './useWork'

/** Which member of the row is looked at. */
export function MemberSelect() {
  const work = useWork()
  const row = work.editing.draft.present.row ?? []
  if (row.length === 0) return null
  return (
    <label className="ml-auto flex items-center gap-2">
      <span className="quiet">Seen</span>
      <select
        className="select w-auto"
        aria-label="Member of the row"
        value={work.member}
        onChange={(e) => work.setMember(Number(e.target.value))}
      >
        {row.map((item, i) => (
          <option key={i} value={i + 1}>
            {i + 1} · {memberName(item, i + 1)}
          </option>
        ))}
      </select>
    </label>
  )
}
