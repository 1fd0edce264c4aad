import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query'
import { getJson, sendJson } from './client'
import type {
  Access,
  AlikeView,
  AwayView,
  BenchView,
  BodyView,
  CheckView,
  DesignRequest,
  DesignView,
  EntryView,
  FamilyView,
  Filament,
  HealthView,
  HistoryView,
  Instrument,
  InterfaceView,
  Job,
  KindView,
  MachineSummary,
  MachineView,
  MemberVerdict,
  Part,
  PartState,
  Photo,
  PlanView,
  Printer,
  Process,
  QueueView,
  ScrewDrawer,
  SettingForms,
  SettingStateView,
  Setup,
  Spool,
  StandardView,
  WorthReading,
} from './types'

const one = <T>(name: string) => queryOptions({ queryKey: [name], queryFn: ({ signal }) => getJson<T>(`/api/${name}`, signal) })

const list = <T>(name: string) => queryOptions({ queryKey: [name], queryFn: ({ signal }) => getJson<readonly T[]>(`/api/${name}`, signal) })

export const away = one<AwayView>('away')
export const families = list<FamilyView>('families')
export const instruments = list<Instrument>('instruments')
export const kinds = { ...list<KindView>('interface-kinds'), staleTime: Infinity }
export const measureNext = list<WorthReading>('measure-next')
export const standards = { ...list<StandardView>('standards'), staleTime: Infinity }
export const filaments = list<Filament>('filaments')
export const printers = list<Printer>('printers')
export const processes = list<Process>('processes')
export const setups = list<Setup>('setups')
export const settingForms = { ...one<SettingForms>('setting-forms'), staleTime: Infinity }
export const screws = one<ScrewDrawer>('screws')
export const spools = list<Spool>('spools')

/** How many rows of a list come at once. */
export const pageRows = 100

/** The parts on the bench, some more with every page. Asked again while any of them is being reckoned. */
export const bench = infiniteQueryOptions({
  queryKey: ['bench'],
  queryFn: ({ signal, pageParam }) => getJson<BenchView>(`/api/bench?from=${pageParam}&most=${pageRows}`, signal),
  initialPageParam: 0,
  getNextPageParam: ({ from, items, total }) => (from + items.length < total ? from + items.length : undefined),
  refetchInterval: ({ state }) => (state.data?.pages.some((p) => p.items.some((i) => i.reckoning)) ? 700 : false),
})

/** Whether the notebook is well, and what somebody should do about it. */
export const health = queryOptions({
  queryKey: ['health'],
  queryFn: ({ signal }) => getJson<HealthView>('/api/health', signal),
  refetchInterval: 60_000,
  retry: false,
})

/** How many stand before what this page waits for; 0 when it is being worked on. */
export const queue = queryOptions({
  queryKey: ['queue'],
  queryFn: ({ signal }) => getJson<QueueView>('/api/queue', signal),
  refetchInterval: 1000,
  gcTime: 0,
})

/** One job with its parts. */
export const job = (id: string) =>
  queryOptions({ queryKey: ['jobs', id], queryFn: ({ signal }) => getJson<Job>(`/api/jobs/${id}`, signal), retry: false })

/** Jobs that have every word in their name or need, the newest first; or those that were put away. */
export const foundJobs = (words: string, isAway = false) =>
  queryOptions({
    queryKey: ['jobs', 'found', words, isAway],
    queryFn: ({ signal }) => getJson<readonly Job[]>(`/api/jobs?away=${isAway}&words=${encodeURIComponent(words)}`, signal),
    placeholderData: keepPreviousData,
  })

export type Role = NonNullable<DesignRequest['bodies']>[number]

/** A part as its decisions stand now. The last good answer stays on the screen while the next one comes. */
export const design = (part: Pick<Part, 'id' | 'family'>, state: PartState, bodies: readonly Role[]) =>
  queryOptions({
    queryKey: ['design', part.id, state, bodies],
    queryFn: ({ signal }) => sendJson<DesignView>('POST', '/api/designs', designRequest(part, state, bodies), signal),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
    gcTime: 60_000,
  })

/** What printing a part takes: cut into layers, which needs a moment. */
export const plan = (part: Pick<Part, 'id' | 'family'>, state: PartState, bodies: readonly Role[]) =>
  queryOptions({
    queryKey: ['plan', part.id, state, bodies],
    queryFn: ({ signal }) => sendJson<PlanView>('POST', '/api/plans', designRequest(part, state, bodies), signal),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
    gcTime: 60_000,
  })

/** Whether a part's motions are free: looked at along their whole paths, which needs a moment. */
export const motions = (part: Pick<Part, 'id' | 'family'>, state: PartState) =>
  queryOptions({
    queryKey: ['motions', part.id, state],
    queryFn: ({ signal }) => sendJson<readonly CheckView[]>('POST', '/api/motions', designRequest(part, state, []), signal),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
    gcTime: 60_000,
  })

/** How every member of a row stands, not only the one that is looked at. */
export const rowVerdicts = (part: Pick<Part, 'id' | 'family'>, state: PartState) =>
  queryOptions({
    queryKey: ['design', 'row', part.id, state],
    queryFn: ({ signal }) =>
      sendJson<readonly MemberVerdict[]>(
        'POST',
        '/api/rows/verdicts',
        { design: designRequest(part, { ...state, row: null }, []), row: state.row ?? [] },
        signal,
      ),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
    gcTime: 60_000,
  })

/** Every state that a printer, a filament or a setup has had, newest first. */
export const settingStates = (path: string, id: string) =>
  queryOptions({
    queryKey: [path, id, 'states'],
    queryFn: ({ signal }) => getJson<readonly SettingStateView[]>(`/api/${path}/${id}/states`, signal),
  })

/** What undo reaches back to: read once when a part is opened. */
export const earlierStates = (part: string) =>
  queryOptions({
    queryKey: ['earlier', part],
    queryFn: ({ signal }) => getJson<readonly PartState[]>(`/api/parts/${part}/earlier-states`, signal),
    staleTime: 0,
    gcTime: 0,
  })

export const history = (part: string) =>
  queryOptions({ queryKey: ['history', part], queryFn: ({ signal }) => getJson<HistoryView>(`/api/parts/${part}/history`, signal) })

/** One machine with its places and readings. */
export const machine = (id: string) =>
  queryOptions({ queryKey: ['machines', id], queryFn: ({ signal }) => getJson<MachineView>(`/api/machines/${id}`, signal), retry: false })

/** Machines that have every word in their name, note or places, by name, some more with every page; or those that were put away. */
export const foundMachines = (words: string, isAway = false) =>
  infiniteQueryOptions({
    queryKey: ['machines', 'found', words, isAway],
    queryFn: ({ signal, pageParam }) =>
      getJson<readonly MachineSummary[]>(
        `/api/machines?archived=${isAway}&words=${encodeURIComponent(words)}&from=${pageParam}&most=${pageRows}`,
        signal,
      ),
    initialPageParam: 0,
    getNextPageParam: (last, _, from) => (last.length === pageRows ? from + pageRows : undefined),
    placeholderData: keepPreviousData,
  })

/** Machines that have places of some kinds, with these places alone. */
export const machinesWith = (kindKeys: readonly string[], words: string) =>
  queryOptions({
    queryKey: ['machines', 'with', kindKeys, words],
    queryFn: ({ signal }) =>
      getJson<readonly MachineSummary[]>(
        `/api/machines?kinds=${kindKeys.join(',')}&words=${encodeURIComponent(words)}&most=${pageRows}`,
        signal,
      ),
    placeholderData: keepPreviousData,
  })

/** The machines of some places. */
export const machinesOf = (places: readonly string[]) =>
  queryOptions({
    queryKey: ['machines', 'of', places],
    queryFn: ({ signal }) =>
      places.length === 0
        ? Promise.resolve([])
        : getJson<readonly MachineSummary[]>(`/api/machines?most=500&${places.map((id) => `place=${id}`).join('&')}`, signal),
    placeholderData: keepPreviousData,
  })

/** One place with its readings. */
export const place = (id: string) =>
  queryOptions({ queryKey: ['machines', 'place', id], queryFn: ({ signal }) => getJson<InterfaceView>(`/api/interfaces/${id}`, signal) })

/** The body of a place; refused in words while sizes are missing. */
export const placeShape = (place: InterfaceView) =>
  queryOptions({
    queryKey: ['shape', place.id, place.dimensions.map((d) => d.size?.value)],
    queryFn: ({ signal }) => getJson<BodyView>(`/api/interfaces/${place.id}/shape`, signal),
    retry: false,
    staleTime: Infinity,
  })

/** Places of other machines that agree with this one. */
export const alike = (id: string) =>
  queryOptions({
    queryKey: ['machines', 'alike', id],
    queryFn: ({ signal }) => getJson<readonly AlikeView[]>(`/api/interfaces/${id}/alike`, signal),
  })

export const photos = (place: string) =>
  queryOptions({
    queryKey: ['photos', place],
    queryFn: ({ signal }) => getJson<readonly Photo[]>(`/api/interfaces/${place}/photos`, signal),
  })

/** An entry as it is typed, read and not kept. */
export const readEntry = (text: string, leading: 'metric' | 'inch', access: Access = 'length') =>
  queryOptions({
    queryKey: ['entry', text, leading, access],
    queryFn: ({ signal }) =>
      getJson<EntryView>(`/api/entries?text=${encodeURIComponent(text)}&leading=${leading}&access=${access}`, signal),
    retry: false,
    staleTime: Infinity,
  })

function designRequest(part: Pick<Part, 'id' | 'family'>, state: PartState, bodies: readonly Role[]): DesignRequest {
  const interfaces = Object.fromEntries(Object.entries(state.interfaces).map(([slot, id]) => [slot, { id }]))
  return {
    family: part.family,
    process: state.process,
    parameters: state.parameters,
    interfaces,
    part: part.id,
    bodies: [...bodies],
    takes: state.takes,
  }
}
