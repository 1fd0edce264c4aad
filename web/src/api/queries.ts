import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query'
import { api, ApiProblem, got } from './client'
import { readBody, readDesign } from './designBytes'
import type { Access, DesignRequest, HealthView, InterfaceView, Part, PartState, Surface } from './types'

export const away = queryOptions({ queryKey: ['away'], queryFn: ({ signal }) => got(api.GET('/api/away', { signal })) })
export const families = queryOptions({ queryKey: ['families'], queryFn: ({ signal }) => got(api.GET('/api/families', { signal })) })
export const cameras = queryOptions({
  queryKey: ['cameras'],
  queryFn: ({ signal }) => got(api.GET('/api/cameras', { signal })),
})

export const instruments = queryOptions({
  queryKey: ['instruments'],
  queryFn: ({ signal }) => got(api.GET('/api/instruments', { signal })),
})
export const kinds = queryOptions({
  queryKey: ['interface-kinds'],
  queryFn: ({ signal }) => got(api.GET('/api/interface-kinds', { signal })),
  staleTime: Infinity,
})
export const measureNext = queryOptions({
  queryKey: ['measure-next'],
  queryFn: ({ signal }) => got(api.GET('/api/measure-next', { signal })),
})
export const standards = queryOptions({
  queryKey: ['standards'],
  queryFn: ({ signal }) => got(api.GET('/api/standards', { signal })),
  staleTime: Infinity,
})
export const filaments = queryOptions({ queryKey: ['filaments'], queryFn: ({ signal }) => got(api.GET('/api/filaments', { signal })) })
export const printers = queryOptions({ queryKey: ['printers'], queryFn: ({ signal }) => got(api.GET('/api/printers', { signal })) })
export const processes = queryOptions({ queryKey: ['processes'], queryFn: ({ signal }) => got(api.GET('/api/processes', { signal })) })
export const setups = queryOptions({ queryKey: ['setups'], queryFn: ({ signal }) => got(api.GET('/api/setups', { signal })) })
export const settingForms = queryOptions({
  queryKey: ['setting-forms'],
  queryFn: ({ signal }) => got(api.GET('/api/setting-forms', { signal })),
  staleTime: Infinity,
})
export const screws = queryOptions({ queryKey: ['screws'], queryFn: ({ signal }) => got(api.GET('/api/screws', { signal })) })
export const spools = queryOptions({ queryKey: ['spools'], queryFn: ({ signal }) => got(api.GET('/api/spools', { signal })) })

/** How many rows of a list come at once. */
export const pageRows = 100

/** The parts on the bench, some more with every page. Asked again while any of them is being reckoned. */
export const bench = infiniteQueryOptions({
  queryKey: ['bench'],
  queryFn: ({ signal, pageParam }) => got(api.GET('/api/bench', { params: { query: { from: pageParam, most: pageRows } }, signal })),
  initialPageParam: 0,
  getNextPageParam: ({ from, items, total }) => (from + items.length < total ? from + items.length : undefined),
  refetchInterval: ({ state }) => (state.data?.pages.some((p) => p.items.some((i) => i.reckoning)) ? 700 : false),
})

/** Whether the notebook is well, and what somebody should do about it: that is read above all where it is not. */
export const health = queryOptions({
  queryKey: ['health'],
  queryFn: async ({ signal }) => {
    try {
      return await got(api.GET('/api/health', { signal }))
    } catch (error) {
      if (error instanceof ApiProblem && 'says' in error.body) return error.body as unknown as HealthView
      throw error
    }
  },
  refetchInterval: 60_000,
  retry: false,
})

/** How many stand before what this page waits for; 0 when it is being worked on. */
export const queue = queryOptions({
  queryKey: ['queue'],
  queryFn: ({ signal }) => got(api.GET('/api/queue', { signal })),
  refetchInterval: 1000,
  gcTime: 0,
})

/** One job with its parts. */
export const job = (id: string) =>
  queryOptions({
    queryKey: ['jobs', id],
    queryFn: ({ signal }) => got(api.GET('/api/jobs/{id}', { params: { path: { id } }, signal })),
    retry: false,
  })

/** Where the things of a job live. */
export const homes = (job: string) =>
  queryOptions({
    queryKey: ['jobs', job, 'homes'],
    queryFn: ({ signal }) => got(api.GET('/api/jobs/{id}/homes', { params: { path: { id: job } }, signal })),
    retry: false,
  })

/** Jobs that have every word in their name or need, the newest first; or those that were put away. */
export const foundJobs = (words: string, isAway = false) =>
  queryOptions({
    queryKey: ['jobs', 'found', words, isAway],
    queryFn: ({ signal }) => got(api.GET('/api/jobs', { params: { query: { away: isAway, words } }, signal })),
    placeholderData: keepPreviousData,
  })

export type Role = NonNullable<DesignRequest['bodies']>[number]

/** A part as its decisions stand now. The last good answer stays on the screen while the next one comes. */
export const design = (part: Pick<Part, 'id' | 'family'>, state: PartState, bodies: readonly Role[]) =>
  queryOptions({
    queryKey: ['design', part.id, state, bodies],
    queryFn: async ({ signal }) =>
      readDesign(
        await got(
          api.POST('/api/designs', {
            body: designRequest(part, state, bodies),
            signal,
            headers: { accept: 'application/octet-stream' },
            parseAs: 'arrayBuffer',
          }),
        ),
      ),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
    gcTime: 60_000,
  })

/** One line of a part's ledger with its answer to why: a preview leaves these out. */
export const why = (part: Pick<Part, 'id' | 'family'>, state: PartState, line: string) =>
  queryOptions({
    queryKey: ['design', part.id, state, 'why', line],
    queryFn: async ({ signal }) => {
      const answer = await got(api.POST('/api/designs', { body: { ...designRequest(part, state, []), why: [line] }, signal }))
      return answer.ledger.find((l) => l.key === line) ?? null
    },
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
    gcTime: 60_000,
  })

/** What printing a part takes: cut into layers, which needs a moment. */
export const plan = (part: Pick<Part, 'id' | 'family'>, state: PartState, bodies: readonly Role[]) =>
  queryOptions({
    queryKey: ['plan', part.id, state, bodies],
    queryFn: ({ signal }) => got(api.POST('/api/plans', { body: designRequest(part, state, bodies), signal })),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
    gcTime: 60_000,
  })

/** What is believed of every surface of a setup. */
export const fits = (setup: string) =>
  queryOptions({
    queryKey: ['fits', setup],
    queryFn: ({ signal }) => got(api.GET('/api/fits/{id}', { params: { path: { id: setup } }, signal })),
  })

/** What other workshops have learned, as it was taken in. */
export const learned = queryOptions({
  queryKey: ['fits', 'learned'],
  queryFn: ({ signal }) => got(api.GET('/api/learned', { signal })),
})

/** What the fits of every joint mean in this workshop, at a size as it was typed. */
export const fitWindows = (size: string, leading: string) =>
  queryOptions({
    queryKey: ['fit-windows', size, leading],
    queryFn: ({ signal }) => got(api.GET('/api/fit-windows', { params: { query: { size, leading } }, signal })),
    placeholderData: keepPreviousData,
    retry: false,
  })

/** The smallest test print that answers what is in doubt of a setup, or of some surfaces. */
export const comb = (setup: string, surfaces: readonly Surface[] | null) =>
  queryOptions({
    queryKey: ['fits', setup, 'comb', surfaces],
    queryFn: ({ signal }) =>
      got(api.POST('/api/fits/{id}/comb', { params: { path: { id: setup } }, body: { surfaces: surfaces && [...surfaces] }, signal })),
    placeholderData: (before, query) => (query?.queryKey[1] === setup ? before : undefined),
    retry: false,
  })

/** Test prints that were made of a setup, newest first. */
export const combs = (setup: string) =>
  queryOptions({
    queryKey: ['fits', setup, 'combs'],
    queryFn: ({ signal }) => got(api.GET('/api/fits/{id}/combs', { params: { path: { id: setup } }, signal })),
  })

/** The ways on from here to a part that fits, the one that takes least first. */
export const waysOn = (part: Pick<Part, 'id' | 'family'>, state: PartState) =>
  queryOptions({
    queryKey: ['next', part.id, state],
    queryFn: ({ signal }) => got(api.POST('/api/next', { body: designRequest(part, state, []), signal })),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
    gcTime: 60_000,
  })

/** What moves by another setup than a part's newest revision was printed with; `null` where nothing was, or by this one. */
export const moves = (part: Pick<Part, 'id' | 'family'>, state: PartState) =>
  queryOptions({
    queryKey: ['next', part.id, 'moves', state],
    queryFn: async ({ signal }) => (await got(api.POST('/api/moves', { body: designRequest(part, state, []), signal }))) ?? null,
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 60_000,
  })

/** Whether a part's motions are free: looked at along their whole paths, which needs a moment. */
export const motions = (part: Pick<Part, 'id' | 'family'>, state: PartState) =>
  queryOptions({
    queryKey: ['motions', part.id, state],
    queryFn: ({ signal }) => got(api.POST('/api/motions', { body: designRequest(part, state, []), signal })),
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
      got(
        api.POST('/api/rows/verdicts', {
          body: { design: designRequest(part, { ...state, row: null }, []), row: state.row ?? [] },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
    gcTime: 60_000,
  })

export type SettingPath = 'printers' | 'filaments' | 'setups'

/** Every state that a printer, a filament or a setup has had, newest first. */
export const settingStates = (path: SettingPath, id: string) =>
  queryOptions({
    queryKey: [path, id, 'states'],
    queryFn: ({ signal }) => got(api.GET(`/api/${path}/{id}/states`, { params: { path: { id } }, signal })),
  })

/** What undo reaches back to: read once when a part is opened. */
export const earlierStates = (part: string) =>
  queryOptions({
    queryKey: ['earlier', part],
    queryFn: ({ signal }) => got(api.GET('/api/parts/{id}/earlier-states', { params: { path: { id: part } }, signal })),
    staleTime: 0,
    gcTime: 0,
  })

export const history = (part: string) =>
  queryOptions({
    queryKey: ['history', part],
    queryFn: ({ signal }) => got(api.GET('/api/parts/{id}/history', { params: { path: { id: part } }, signal })),
  })

/** What may be done to a print in place of another, with tape of a thickness as it was typed; asked anew with all that was told of it. */
export const repair = (part: string, revision: number, at: string, tape: string, leading: string, told: readonly string[]) =>
  queryOptions({
    queryKey: ['history', part, 'repair', revision, at, tape, leading, told],
    queryFn: async ({ signal }) =>
      (await got(
        api.GET('/api/parts/{id}/revisions/{number}/repair', {
          params: { path: { id: part, number: revision }, query: { at, tape, leading } },
          signal,
        }),
      )) ?? null,
    placeholderData: keepPreviousData,
    retry: false,
  })

/** One machine with its places and readings. */
export const machine = (id: string) =>
  queryOptions({
    queryKey: ['machines', id],
    queryFn: ({ signal }) => got(api.GET('/api/machines/{id}', { params: { path: { id } }, signal })),
    retry: false,
  })

/** Machines that have every word in their name, note or places, by name, some more with every page; or those that were put away. */
export const foundMachines = (words: string, isAway = false) =>
  infiniteQueryOptions({
    queryKey: ['machines', 'found', words, isAway],
    queryFn: ({ signal, pageParam }) =>
      got(api.GET('/api/machines', { params: { query: { archived: isAway, words, from: pageParam, most: pageRows } }, signal })),
    initialPageParam: 0,
    getNextPageParam: (last, _, from) => (last.length === pageRows ? from + pageRows : undefined),
    placeholderData: keepPreviousData,
  })

/** Machines that have places of some kinds, with these places alone. */
export const machinesWith = (kindKeys: readonly string[], words: string) =>
  queryOptions({
    queryKey: ['machines', 'with', kindKeys, words],
    queryFn: ({ signal }) =>
      got(api.GET('/api/machines', { params: { query: { kinds: kindKeys.join(','), words, most: pageRows } }, signal })),
    placeholderData: keepPreviousData,
  })

/** The machines of some places. */
export const machinesOf = (places: readonly string[]) =>
  queryOptions({
    queryKey: ['machines', 'of', places],
    queryFn: ({ signal }) =>
      places.length === 0
        ? Promise.resolve([])
        : got(api.GET('/api/machines', { params: { query: { most: 500, place: [...places] } }, signal })),
    placeholderData: keepPreviousData,
  })

/** One place with its readings. */
export const place = (id: string) =>
  queryOptions({
    queryKey: ['machines', 'place', id],
    queryFn: ({ signal }) => got(api.GET('/api/interfaces/{id}', { params: { path: { id } }, signal })),
  })

/** The body of a place; refused in words while sizes are missing. */
export const placeShape = (place: InterfaceView) =>
  queryOptions({
    queryKey: ['shape', place.id, place.dimensions.map((d) => d.size?.value)],
    queryFn: async ({ signal }) =>
      readBody(await got(api.GET('/api/interfaces/{id}/shape', { params: { path: { id: place.id } }, signal }))),
    retry: false,
    staleTime: Infinity,
  })

/** Places of other machines that agree with this one. */
export const alike = (id: string) =>
  queryOptions({
    queryKey: ['machines', 'alike', id],
    queryFn: ({ signal }) => got(api.GET('/api/interfaces/{id}/alike', { params: { path: { id } }, signal })),
  })

export const photos = (place: string) =>
  queryOptions({
    queryKey: ['photos', place],
    queryFn: ({ signal }) => got(api.GET('/api/interfaces/{id}/photos', { params: { path: { id: place } }, signal })),
  })

/** An entry as it is typed, read and not kept. */
export const readEntry = (text: string, leading: 'metric' | 'inch', access: Access = 'length') =>
  queryOptions({
    queryKey: ['entry', text, leading, access],
    queryFn: ({ signal }) => got(api.GET('/api/entries', { params: { query: { text, leading, access } }, signal })),
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
    setups: state.setups,
    why: [],
  }
}
