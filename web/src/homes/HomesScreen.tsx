import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { ApiProblem } from '@/api/client'
import { job as jobQuery } from '@/api/queries'
import type { HomesAsked, HomesView } from '@/api/types'
import { NoSuchJob } from '@/jobs/NoSuchJob'
import { bySeverity } from '@/jobs/verdicts'
import { Busy } from '@/ui/Busy'
import { Judgement } from '@/ui/Judgement'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { HomeList } from './HomeList'
import { StoragePicture } from './StoragePicture'
import { StorageSheet } from './StorageSheet'
import { ThingSheet } from './ThingSheet'
import { useHomes } from './useHomes'
import { emptyStorage, emptyThing, freed, freeKey, put, without } from './words'

/** Where the things of a job live: drawers and shelves to scale, what lies in them, and why. */
export function HomesScreen() {
  const { id = '' } = useParams()
  const opened = useQuery(jobQuery(id))
  const homes = useHomes(id)
  const failed = opened.error ?? homes.plan.error
  if (failed) return failed instanceof ApiProblem && failed.status === 404 ? <NoSuchJob /> : <ErrorNote error={failed} />
  if (!opened.data || !homes.plan.data) return <Loading what="the homes" className="m-6 h-96" />
  return <Plan job={opened.data} view={homes.plan.data} homes={homes} />
}

type PlanProps = {
  readonly job: { readonly id: string; readonly name: string }
  readonly view: HomesView
  readonly homes: ReturnType<typeof useHomes>
}

type Open = { readonly what: 'storage' | 'thing'; readonly key: string | null }

function Plan({ job, view, homes: { save, takeBack, canTakeBack } }: PlanProps) {
  const [open, setOpen] = useState<Open | null>(null)
  const [lit, setLit] = useState<string | null>(null)
  const { asked, found } = view
  const keep = (changed: Partial<HomesAsked>) => save.mutate({ asked: { ...asked, ...changed } }, { onSuccess: () => setOpen(null) })
  const begin = (what: Open['what'], key: string | null) => {
    save.reset()
    setOpen({ what, key })
  }
  const problem = save.error instanceof ApiProblem ? save.error : undefined
  const sheet = { problem, busy: save.isPending, isNew: open?.key === null, onClose: () => setOpen(null) }
  const storage =
    asked.storages.find((s) => s.key === open?.key) ??
    emptyStorage(
      freeKey(
        'storage',
        asked.storages.map((s) => s.key),
      ),
    )
  const thing =
    asked.things.find((t) => t.key === open?.key) ??
    emptyThing(
      freeKey(
        'thing',
        asked.things.map((t) => t.key),
      ),
    )
  const number = (list: readonly { readonly key: string }[]) => (open?.key ? list.findIndex((m) => m.key === open.key) : list.length) + 1
  return (
    <div className="flex flex-col gap-4 p-4">
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <div className="min-w-64 flex-1">
          <h1 className="text-2xl leading-tight font-bold">Where things live</h1>
          <Link className="link" to={`/jobs/${job.id}`}>
            {job.name}
          </Link>
        </div>
        <button className="btn btn-outline btn-primary" onClick={() => begin('storage', null)}>
          A drawer or shelf…
        </button>
        <button className="btn btn-outline btn-primary" onClick={() => begin('thing', null)}>
          A thing…
        </button>
        <button className="btn btn-ghost" disabled={!canTakeBack || save.isPending} onClick={takeBack}>
          Take back
        </button>
      </div>
      <div className="min-h-6">
        {save.isPending && <Busy what="Finding homes" />}
        {save.isError && !open && <ErrorNote error={save.error} />}
        {view.changed.length > 0 && !save.isPending && (
          <p role="status" className="text-warning flex flex-wrap items-center gap-3 font-semibold">
            Measured anew since: {view.changed.join(', ')}.
            <button className="btn btn-sm btn-primary" onClick={() => keep({})}>
              Find homes again
            </button>
          </p>
        )}
      </div>
      {asked.storages.length === 0 && asked.things.length === 0 ? (
        <p className="max-w-prose text-lg">
          Enter the drawers and shelves that there are, and the things that want a home. Emboq lays them out: what is used often within
          reach, kinds together, and so that the hand takes each without touching another.
        </p>
      ) : (
        <div className="grid gap-6 lg:grid-cols-[3fr_2fr]">
          <div className="flex flex-col gap-4">
            {found?.storages.map((s) => (
              <StoragePicture key={s.key} found={found} storage={s} lit={lit} onPick={setLit} onChange={() => begin('storage', s.key)} />
            ))}
          </div>
          <div className="flex flex-col gap-4">
            {found && <HomeList found={found} lit={lit} onPick={setLit} onChange={(key) => begin('thing', key)} />}
            <ul aria-label="Checks">
              {bySeverity(view.checks).map((check) => (
                <Judgement key={check.key} check={check} onRemedy={() => undefined} />
              ))}
            </ul>
            {found && found.things.length > 0 && (
              <p className="quiet">
                {found.plan.best
                  ? 'No plan is better by what is weighed: reach by use, kinds together, little moved.'
                  : 'This is the best plan that was found in its time; there may be a better one.'}
              </p>
            )}
          </div>
        </div>
      )}
      {open?.what === 'storage' && (
        <StorageSheet
          {...sheet}
          key={storage.key}
          entry={storage}
          number={number(asked.storages)}
          onKeep={(s) => keep({ storages: put(asked.storages, s) })}
          onTakeOut={() => keep({ storages: without(asked.storages, storage.key), things: freed(asked.things, storage.key) })}
        />
      )}
      {open?.what === 'thing' && (
        <ThingSheet
          {...sheet}
          key={thing.key}
          entry={thing}
          storages={asked.storages}
          number={number(asked.things)}
          onKeep={(t) => keep({ things: put(asked.things, t) })}
          onTakeOut={() => keep({ things: without(asked.things, thing.key) })}
        />
      )}
    </div>
  )
}
