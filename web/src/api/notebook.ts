/** Whether the notebook answers, as the last request found it. */
export type NotebookState = 'open' | 'opening'

let state: NotebookState = 'open'
const watchers = new Set<() => void>()

export const notebook = {
  get: (): NotebookState => state,
  set: (now: NotebookState) => {
    if (now === state) return
    state = now
    for (const watch of watchers) watch()
  },
  watch: (watcher: () => void) => {
    watchers.add(watcher)
    return () => watchers.delete(watcher)
  },
}
