import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, got } from '@/api/client'
import { design as designQuery, plan as planQuery } from '@/api/queries'
import { refreshPart } from '@/api/refresh'
import type { BodyView, PrintView } from '@/api/types'
import { Busy } from '@/ui/Busy'
import { Judgement } from '@/ui/Judgement'
import { ErrorNote } from '@/ui/ProblemNote'
import { Asked } from './Asked'
import { Cautions, useRemedy } from './ChecksPanel'
import { Bedfuls } from './Bedfuls'
import { Files } from './Files'
import { PlanFigures } from './PlanFigures'
import { memberName } from './rows'
import { RowPanel } from './RowPanel'
import { OwnSetup } from './OwnSetup'
import { freezing } from './freezing'
import { Moved } from './Moved'
import { NotYet } from './StationPanel'
import { bySeverity } from './verdicts'
import { WaysOn } from './WaysOn'
import { WaysTable } from './WaysTable'
import { useWork } from './useWork'

export type PrintPanelProps = { readonly what: 'coupon' | 'part' }

/** What printing takes; freezes what is printed now under the next number, and gives its files. */
export function PrintPanel({ what }: PrintPanelProps) {
  const work = useWork()
  const { part, editing } = work
  const bodies = useQuery(designQuery(part, work.shown, [what])).data?.bodies.filter((b) => b.role === what) ?? []
  const plan = useQuery(planQuery(part, work.shown, [what]))
  const [turned, setTurned] = useState<readonly string[]>([])
  const { process, setups } = editing.draft.present
  const setupOf = (body: BodyView) => setups[body.key] ?? process
  // What proves is chosen unless it is taken out; a ladder of what a single one proves too, or what is laid otherwise, only when it is put in.
  const extra = (body: BodyView) =>
    !!body.laid ||
    (body.rungs > 1 && bodies.some((b) => b.rungs === 1 && b.proves === body.proves)) ||
    setupOf(body) !== setupOf(bodies[0]!)
  const chosen = bodies.filter((b) => turned.includes(b.key) === extra(b)).map((b) => b.key)
  const row = editing.draft.present.row ?? []
  const inRow = row.length > 0
  const [left, setLeft] = useState<readonly number[]>([])
  // A proof is of the member that is looked at; a print of all that are not left out.
  const members = what === 'coupon' ? [work.member] : row.map((_, i) => i + 1).filter((n) => !left.includes(n))
  const freeze = useFreeze(part.id, chosen, inRow ? members : null)
  if (!work.design?.drawing) return <NotYet />
  return (
    <div className="flex flex-col gap-4">
      <p className="text-lg">
        {what === 'coupon'
          ? 'Cut out of the very part: minutes of printing before hours. A ladder settles a size in one print.'
          : 'The whole part. Each print gets a number that is never used again; it stands on the part.'}
      </p>
      <Moved />
      {what === 'coupon' && <WaysOn />}
      {what === 'part' && <RowPanel left={left} onToggle={(n) => setLeft(left.includes(n) ? left.filter((x) => x !== n) : [...left, n])} />}
      {what === 'part' && <Asked of={(spec) => spec.kind !== 'number'} />}
      <ul className="flex flex-col gap-2">
        {bodies.map((body) => (
          <BodyRow
            key={body.key}
            body={body}
            print={plan.data?.prints.find((p) => p.body === body.key)}
            chosen={chosen.includes(body.key)}
            onToggle={() => setTurned(toggle(turned, body.key))}
            fixed={what === 'part' && bodies.every((b) => setupOf(b) === process)}
          />
        ))}
      </ul>
      {(plan.isPending || plan.isPlaceholderData) && <Busy what="Cutting it into layers" />}
      {plan.isError && <ErrorNote error={plan.error} />}
      {what === 'coupon' && <Asked />}
      <Layers />
      <button
        className="btn btn-primary"
        disabled={chosen.length === 0 || (inRow && members.length === 0) || editing.unsaved || freeze.isPending}
        onClick={() => freeze.mutate()}
      >
        {what === 'coupon'
          ? inRow
            ? `Number this proof of ${memberName(row[work.member - 1] ?? row[0]!, work.member)}`
            : 'Number this proof'
          : inRow
            ? `Number this print of ${members.length}`
            : 'Number this print'}
      </button>
      {freeze.isError && <ErrorNote error={freeze.error} />}
      {what === 'part' && <Bedfuls members={inRow ? members : undefined} />}
      <Files />
      {plan.data?.ways.map((ways, i) => (
        <WaysTable key={ways.by} ways={ways} of={i > 0 ? ways.piece : undefined} />
      ))}
      {what === 'part' && <MakeOrBuy says={plan.data?.makeOrBuy?.says} />}
      <Cautions cautions={work.design.cautions} />
    </div>
  )
}

/** What is not good about how it prints, where it is numbered. */
function Layers() {
  const work = useWork()
  const act = useRemedy()
  const poor = bySeverity(work.checks.filter((c) => c.verdict !== 'good'))
  if (poor.length === 0) return null
  return (
    <ul aria-label="Before it is printed">
      {poor.map((check) => (
        <Judgement key={check.key} check={check} onRemedy={act} />
      ))}
    </ul>
  )
}

type MakeOrBuyProps = { readonly says: string | undefined }

/** Printing against buying, once a price is given. */
function MakeOrBuy({ says }: MakeOrBuyProps) {
  return (
    <section className="flex flex-col gap-2" aria-label="Make or buy">
      <p className="text-lg">{says ?? 'Make or buy? Give a price, and both are compared.'}</p>
      <Asked of={(spec) => spec.kind === 'number'} />
    </section>
  )
}

function useFreeze(part: string, bodies: readonly string[], members: readonly number[] | null) {
  const client = useQueryClient()
  return useMutation({
    mutationKey: freezing(part),
    mutationFn: () =>
      got(
        api.POST('/api/parts/{id}/revisions', {
          params: { path: { id: part } },
          body: { bodies: [...bodies], members: members ? [...members] : null },
        }),
      ),
    onSuccess: () => refreshPart(client),
  })
}

const toggle = (list: readonly string[], key: string) => (list.includes(key) ? list.filter((k) => k !== key) : [...list, key])

type BodyRowProps = {
  readonly body: BodyView
  readonly print: PrintView | undefined
  readonly chosen: boolean
  readonly fixed: boolean
  readonly onToggle: () => void
}

function BodyRow({ body, print, chosen, fixed, onToggle }: BodyRowProps) {
  const { x, y, z } = body.size
  return (
    <li className="bg-base-200 flex flex-col gap-1 rounded-md p-3">
      <label className="flex min-h-11 items-start gap-3">
        {!fixed && <input type="checkbox" className="checkbox checkbox-primary mt-1" checked={chosen} onChange={onToggle} />}
        <span className="flex flex-col">
          <span className="font-semibold">{body.name}</span>
          <span className="figure">
            {x.toFixed(2)} × {y.toFixed(2)} × {z.toFixed(2)} mm
          </span>
          {body.says && <span className="quiet text-sm">{body.says}</span>}
        </span>
      </label>
      {body.mayDiffer && <OwnSetup body={body} />}
      {print && <PlanFigures print={print} name={body.name} />}
    </li>
  )
}
