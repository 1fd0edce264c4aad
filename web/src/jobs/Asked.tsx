import { useId, useState } from 'react'
import type { ParameterSpec, Problem } from '@/api/types'
import { ProblemNote } from '@/ui/ProblemNote'
import { useWork, type Work } from './useWork'
import { counts } from './asking'
import { useTake } from './exactEntry'
import { Word } from './Word'

export type AskedProps = { readonly of?: (spec: ParameterSpec) => boolean }

/** What a station asks for itself, as words of a sentence. */
export function Asked({ of = () => true }: AskedProps) {
  const work = useWork()
  const asked = work.family.parameters.filter((p) => p.askedAt === work.station && of(p))
  if (asked.length === 0) return null
  return (
    <div className="bg-base-200 flex flex-wrap items-center gap-x-3 gap-y-2 rounded-md p-3">
      <Words specs={asked} />
    </div>
  )
}

/** Parameters as words of a sentence; those that do not count as things stand are left out. */
export function Words({ specs }: { readonly specs: readonly ParameterSpec[] }) {
  const work = useWork()
  const { parameters } = work.family
  return (
    <>
      {specs
        .filter((spec) => counts(spec, parameters, work.shown))
        .map((spec) => (
          <label key={spec.key} className="flex flex-wrap items-center gap-2">
            <span className="quiet">{spec.label}</span>
            {spec.kind === 'choice' ? <Word spec={spec} /> : <Entry key={standing(work, spec)} spec={spec} />}
          </label>
        ))}
    </>
  )
}

const widths: Readonly<Partial<Record<ParameterSpec['kind'], string>>> = { text: 'w-56', number: 'w-24', outline: 'w-full' }

/** What holds while nothing is entered. */
function placeholder({ kind, unit, default: usual }: ParameterSpec): string {
  if (kind === 'text') return 'nothing'
  if (usual) return `${usual} ${unit ?? ''}`
  return kind === 'number' ? (unit ?? '') : 'left to Emboq'
}

const standing = (work: Work, spec: ParameterSpec) => work.shown.parameters[spec.key] ?? ''

function Entry({ spec }: { readonly spec: ParameterSpec }) {
  const work = useWork()
  const [text, setText] = useState(standing(work, spec))
  const [problem, setProblem] = useState<Problem | undefined>()
  const note = useId()
  const propose = useTake(spec)
  const take = async () => {
    if (text.trim() === standing(work, spec)) return
    setProblem(await propose(text))
  }
  return (
    <>
      <input
        className={`input ${spec.kind === 'text' ? '' : 'figure'} ${widths[spec.kind] ?? 'w-28'}`}
        aria-label={spec.label}
        aria-invalid={problem !== undefined}
        aria-describedby={note}
        value={text}
        placeholder={placeholder(spec)}
        title={spec.help}
        onChange={(e) => setText(e.target.value)}
        onBlur={() => void take()}
        onKeyDown={(e) => e.key === 'Enter' && void take()}
      />
      <span
        id={note}
        className={spec.kind === 'number' && !problem ? 'quiet text-sm' : problem || spec.askedAt !== 'reckon' ? 'w-full' : 'hidden'}
      >
        {problem ? <ProblemNote problem={problem} /> : <Beside spec={spec} />}
      </span>
    </>
  )
}

/** What stands beside an entry: the unit of a number, or what it does where no drawing shows it. */
function Beside({ spec }: { readonly spec: ParameterSpec }) {
  if (spec.kind === 'number') return spec.unit
  return spec.askedAt === 'reckon' ? null : <span className="quiet text-sm">{spec.help}</span>
}
