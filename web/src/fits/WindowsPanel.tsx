import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { api, ApiProblem, got } from '@/api/client'
import { fitWindows } from '@/api/queries'
import { refreshWindows } from '@/api/refresh'
import type { FitWindow, JointWindows } from '@/api/types'
import { inLeading } from '@/jobs/tries/size'
import { capital } from '@/jobs/inWords'
import { Field } from '@/ui/Field'
import { Figure } from '@/ui/Figure'
import { Loading } from '@/ui/Loading'
import { ErrorNote } from '@/ui/ProblemNote'
import { useLeading } from '@/ui/leading'
import { WindowBar } from './WindowBar'
import { WindowForm } from './WindowForm'
import { endsOf, sizesOf } from './windows'

/** What a word for a fit means in this workshop, beside what it means in metal; a window is moved with a reason, and taken back. */
export function WindowsPanel() {
  const { leading } = useLeading()
  const [size, setSize] = useState('')
  const asked = useQuery(fitWindows(useDeferredValue(size), leading))
  const [key, setKey] = useState('cuff')
  const joint = asked.data?.find((j) => j.key === key)
  const problem = asked.error instanceof ApiProblem ? asked.error.at('size') : undefined
  return (
    <section aria-label="What a fit means" className="border-base-300 flex flex-col gap-4 rounded-md border p-4">
      <h2 className="text-xl font-bold">What a fit means</h2>
      <p className="quiet max-w-3xl">
        Clearance on the full size, hole less shaft: the band is what still counts as the fit, the stroke what is aimed at. Under it, thin
        and dark, is what the word means where both sides are machined metal, by ISO 286.
      </p>
      <div className="flex flex-wrap items-start gap-4">
        <label className="flex flex-col gap-1">
          <span className="font-semibold">Joint</span>
          <select className="select w-72" value={key} onChange={(e) => setKey(e.target.value)}>
            {(asked.data ?? []).map((j) => (
              <option key={j.key} value={j.key}>
                {capital(j.joint)}
              </option>
            ))}
          </select>
        </label>
        <div className="w-40">
          <Field label="At a size of" value={size} onChange={setSize} placeholder="30 mm" problem={problem} />
        </div>
      </div>
      {asked.error && !problem && <ErrorNote error={asked.error} />}
      {!asked.data && !asked.error && <Loading what="the windows" className="h-72" />}
      {joint && (
        <ul className="flex flex-col" aria-label={`Fits of a ${joint.joint}`}>
          {joint.fits.map((fit) => (
            <WindowLine key={`${joint.key}/${fit.fit}`} joint={joint} fit={fit} />
          ))}
        </ul>
      )}
    </section>
  )
}

/** Sizes above this are any size, mm. */
const anySize = 20_000

function WindowLine({ joint, fit }: { readonly joint: JointWindows; readonly fit: FitWindow }) {
  const client = useQueryClient()
  const { leading } = useLeading()
  const [moving, setMoving] = useState(false)
  const back = useMutation({
    mutationFn: (id: string) => got(api.DELETE('/api/fit-windows/{id}', { params: { path: { id } } })),
    onSuccess: () => refreshWindows(client),
  })
  const moves = [...(fit.moved ? [fit.moved] : []), ...fit.elsewhere]
  return (
    <li className="border-base-300 flex flex-col gap-2 border-t py-2">
      <div className="grid items-center gap-x-4 gap-y-1 sm:grid-cols-[11rem_1fr_14rem_12rem_auto]">
        <span className="flex flex-col">
          <span className="font-semibold">{capital(fit.name)}</span>
          <span className="quiet text-sm">{fit.feels}</span>
        </span>
        <WindowBar fit={fit} ends={endsOf(joint.fits)} />
        <Figure metric={fit.says.metric} inches={fit.says.inches} />
        <span className="quiet text-sm">
          {fit.metal && (
            <>
              {fit.metal.name}
              <br />
              <span className="figure whitespace-nowrap">{leading === 'metric' ? fit.metal.says.metric : fit.metal.says.inches}</span>
            </>
          )}
        </span>
        <button className="btn btn-ghost btn-sm" aria-expanded={moving} onClick={() => setMoving(!moving)}>
          Move
        </button>
      </div>
      {moves.map((m) => (
        <p key={m.id} className="flex flex-wrap items-center gap-x-3">
          <span>
            {`Moved${sizesOf(m, anySize, (mm) => inLeading(mm, leading))}: ${m.because}.`}
            {m.id === fit.moved?.id && fit.usual && (
              <>
                {' '}
                As usual it is <span className="figure">{leading === 'metric' ? fit.usual.metric : fit.usual.inches}</span>.
              </>
            )}
          </span>
          <button className="btn btn-ghost btn-sm" disabled={back.isPending} onClick={() => back.mutate(m.id)}>
            Take it back
          </button>
        </p>
      ))}
      {back.error && <ErrorNote error={back.error} />}
      {moving && <WindowForm joint={joint.key} fit={fit} onDone={() => setMoving(false)} />}
    </li>
  )
}
