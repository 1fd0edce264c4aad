import { useState } from 'react'
import { Percent } from '@/ui/Percent'
import { PartTabs } from './PartTabs'
import { SetupSheet } from '@/setups/SetupSheet'
import { useSetups } from '@/setups/useSetups'
import { useWork } from './useWork'

/** What the job is, with which setup, and how likely the next print fits. */
export function JobHeader() {
  const { job, editing, design } = useWork()
  const state = editing.draft.present
  const [adding, setAdding] = useState(false)
  const offered = useSetups(state.process)
  return (
    <div className="flex flex-wrap items-center gap-x-6 gap-y-1 px-4 pt-2">
      <div className="min-w-64 flex-1">
        <h1 className="text-2xl leading-tight font-bold">{job.name}</h1>
        <PartTabs />
      </div>
      <div className="flex items-center gap-2">
        <label className="flex items-center gap-2">
          <span className="quiet">Setup</span>
          <select
            className="select w-56"
            value={state.process}
            onChange={(e) => (e.target.value === '' ? setAdding(true) : editing.change({ ...state, process: e.target.value }, 'process'))}
          >
            {offered.map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
            <option value="">Another setup…</option>
          </select>
        </label>
        {adding && <SetupSheet onClose={() => setAdding(false)} onKept={(p) => editing.change({ ...state, process: p.id }, 'process')} />}
        <button className="btn btn-ghost" disabled={!editing.canUndo} onClick={editing.undo}>
          Take back
        </button>
        <span className={`max-w-64 min-w-16 text-sm ${editing.notKept ? 'text-warning font-semibold' : 'quiet'}`} role="status">
          {editing.notKept ? `not kept: ${editing.notKept}` : editing.unsaved ? 'keeping…' : 'kept'}
        </span>
      </div>
      <div className={`ml-auto w-44 text-right leading-tight ${design && design.seats.length === 0 && design.drawing ? 'invisible' : ''}`}>
        <div className="text-2xl font-semibold">{typeof design?.chance === 'number' ? <Percent share={design.chance} /> : '—'}</div>
        <div className="quiet text-sm">chance of a fit</div>
      </div>
    </div>
  )
}
