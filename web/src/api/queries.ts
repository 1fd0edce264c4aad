import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import { getJson, sendJson } from './client'
import type {
  Access,
  AlikeView,
  AwayView,
  BenchItem,
  BodyView,
  DesignRequest,
  DesignView,
  EntryView,
  FamilyView,
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
  Process,
  ScrewDrawer,
  Spool,
  StandardView,
  WorthReading,
} from './types'

const one = <T>(name: string) => queryOptions({ queryKey: [name], queryFn: ({ signal }) => getJson<T>(`/api/${name}`, signal) })

const list = <T>(name: string) => queryOptions({ queryKey: [name], queryFn: ({ signal }) => getJson<readonly T[]>(`/api/${name}`, signal) })

export const away = one<AwayView>('away')
export const benchItems = list<BenchItem>('bench')
export const families = list<FamilyView>('families')
export const instruments = list<Instrument>('instruments')
export const jobs = list<Job>('jobs')
export const kinds = { ...list<KindView>('interface-kinds'), staleTime: Infinity }
export const machines = list<MachineSummary>('machines')
export const measureNext = list<WorthReading>('measure-next')
export const standards = { ...list<StandardView>('standards'), staleTime: Infinity }
export const processes = list<Process>('processes')
export const screws = one<ScrewDrawer>('screws')
export const spools = list<Spool>('spools')

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

/** Machines that have every word in their name, note or places. */
export const foundMachines = (words: string) =>
  queryOptions({
    queryKey: ['machines', 'found', words],
    queryFn: ({ signal }) => getJson<readonly MachineSummary[]>(`/api/machines?words=${encodeURIComponent(words)}`, signal),
  })

/** Machines that were put away. */
export const archivedMachines = queryOptions({
  queryKey: ['machines', 'archived'],
  queryFn: ({ signal }) => getJson<readonly MachineSummary[]>('/api/machines?archived=true', signal),
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
    serves: state.serves ?? null,
  }
}
