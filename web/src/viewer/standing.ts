import { Euler, MathUtils, Matrix4, Vector3 } from 'three'
import type { BodyView, MotionView } from '@/api/types'

type Pose = BodyView['pose']
type Step = MotionView['path'][number]

export const axes = { x: new Vector3(1, 0, 0), y: new Vector3(0, 1, 0), z: new Vector3(0, 0, 1) }

/** Turned about x, y and z in that order, then moved. */
export function poseMatrix({ turnX, turnY, turnZ, by }: Pose): Matrix4 {
  const [x, y, z] = [turnX, turnY, turnZ].map(MathUtils.degToRad) as [number, number, number]
  return new Matrix4().makeRotationFromEuler(new Euler(x, y, z, 'ZYX')).setPosition(by.x, by.y, by.z)
}

function stepMatrix(step: Step, share: number): Matrix4 {
  const { through, slide } = step
  return new Matrix4()
    .makeTranslation(through.x + share * slide.x, through.y + share * slide.y, through.z + share * slide.z)
    .multiply(new Matrix4().makeRotationAxis(axes[step.about], MathUtils.degToRad(share * step.degrees)))
    .multiply(new Matrix4().makeTranslation(-through.x, -through.y, -through.z))
}

/** A motion somewhere on its path, 0 to 1; its steps follow each other and share the path evenly. */
export function motionMatrix(motion: Pick<MotionView, 'path'>, at: number): Matrix4 {
  const count = motion.path.length
  return motion.path.reduce((all, step, i) => stepMatrix(step, MathUtils.clamp(at * count - i, 0, 1)).multiply(all), new Matrix4())
}

/** Where a driven motion is, by the law of its drive. */
function driven(law: readonly { readonly x: number; readonly y: number }[], driver: number): number {
  const next = law.findIndex((p, i) => i > 0 && driver <= p.x)
  if (next < 0) return law[law.length - 1]?.y ?? 0
  const [a, b] = [law[next - 1]!, law[next]!]
  return a.y + MathUtils.clamp((driver - a.x) / (b.x - a.x), 0, 1) * (b.y - a.y)
}

/** Where every motion is: where it was put, at its beginning, or where its driver puts it. */
export function positions(motions: readonly MotionView[], put: Readonly<Record<string, number>>): Readonly<Record<string, number>> {
  const of = (motion: MotionView): number => {
    const driver = motion.drivenBy && motions.find((m) => m.key === motion.drivenBy!.by)
    return driver ? driven(motion.drivenBy!.law, of(driver)) : (put[motion.key] ?? 0)
  }
  return Object.fromEntries(motions.map((m) => [m.key, of(m)]))
}

/** Where a body stands: posed, then moved by every motion that moves it, those that carry others last. */
export function standing(
  body: Pick<BodyView, 'key' | 'pose'>,
  motions: readonly MotionView[],
  at: Readonly<Record<string, number>>,
): Matrix4 {
  return motions
    .filter((m) => m.moves.includes(body.key))
    .reduce((all, m) => motionMatrix(m, at[m.key] ?? 0).multiply(all), poseMatrix(body.pose))
}
