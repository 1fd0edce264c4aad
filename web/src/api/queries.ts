import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import { getJson, sendJson } from './client'
import type {
  BenchItem,
  DesignRequest,
  DesignView,
  FamilyView,
  HistoryView,
  Instrument,
  Job,
  LengthView,
  MachineView,
  Part,
  PartState,
  PlanView,
  Process,
} from './types'

const list = <T>(name: string) => queryOptions({ queryKey: [name], queryFn: ({ signal }) => getJson<readonly T[]>(`/api/${name}`, signal) })

export const benchItems = list<BenchItem>('bench')
export const families = list<FamilyView>('families')
export const instruments = list<Instrument>('instruments')
export const jobs = list<Job>('jobs')
export const machines = list<MachineView>('machines')
export const processes = list<Process>('processes')

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

export const readLength = (text: string, leading: 'metric' | 'inch') =>
  queryOptions({
    queryKey: ['length', text, leading],
    queryFn: ({ signal }) => getJson<LengthView>(`/api/lengths?text=${encodeURIComponent(text)}&leading=${leading}`, signal),
    retry: false,
    staleTime: Infinity,
  })

function designRequest(part: Pick<Part, 'id' | 'family'>, state: PartState, bodies: readonly Role[]): DesignRequest {
  const interfaces = Object.fromEntries(Object.entries(state.interfaces).map(([slot, id]) => [slot, { id }]))
  return { family: part.family, process: state.process, parameters: state.parameters, interfaces, part: part.id, bodies: [...bodies] }
}
