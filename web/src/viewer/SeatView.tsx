import { Canvas, type ThreeEvent } from '@react-three/fiber'
import { OrbitControls } from '@react-three/drei/core/OrbitControls'
import { useEffect, useMemo, useState } from 'react'
import { Box3, type BufferGeometry, Color, Matrix4, Plane, Quaternion, Vector3 } from 'three'
import type { BodyView, MotionView } from '@/api/types'
import { useKeys } from '@/ui/useKeys'
import { type Pick } from './between'
import { BodyMesh, CutFace } from './BodyMesh'
import { Framing, type Turn, Turning } from './Camera'
import { bodyGeometry } from './geometry'
import { PickMarks } from './PickMarks'
import { axes, positions, standing } from './standing'
import { type CutAxis, ViewControls } from './ViewControls'

export type SeatViewProps = {
  readonly bodies: readonly BodyView[]
  readonly motions?: readonly MotionView[]
  /** Lays the bodies beside each other, as they stand on a bed. */
  readonly apart: boolean
}

const noMotions: readonly MotionView[] = []
const none: readonly Pick[] = []

/** Machine and pieces in the round: turned, opened by a cutting plane, taken apart, moved by sliders; two picked faces tell their distance. */
export function SeatView({ bodies, motions = noMotions, apart: onBed }: SeatViewProps) {
  const geometries = useGeometries(bodies)
  const [put, setPut] = useState<Readonly<Record<string, number>>>({})
  const [cut, setCut] = useState<CutAxis>('none')
  const [depth, setDepth] = useState(0.5)
  const [pulled, setPulled] = useState(false)
  const [picked, setPicked] = useState<{ readonly of: unknown; readonly list: readonly Pick[] }>({ of: null, list: none })
  const [fits, setFits] = useState(0)
  const [turn, setTurn] = useState<Turn>({ around: 0, up: 0, closer: 1, count: 0 })
  const colours = themeColours()
  const alone = bodies.every((b) => b.role === 'counterpart')
  const matrices = useMemo(() => {
    if (onBed) return inARow(geometries)
    const at = positions(motions, put)
    const placed = bodies.map((b) => standing(b, motions, at))
    return pulled ? pulledApart(bodies, geometries, placed) : placed
  }, [bodies, geometries, motions, put, onBed, pulled])
  const box = useMemo(
    () => geometries.reduce((all, g, i) => all.union(g.boundingBox!.clone().applyMatrix4(matrices[i]!)), new Box3()),
    [geometries, matrices],
  )
  const plane = useMemo(() => (cut === 'none' ? null : planeIn(box, cut, depth)), [box, cut, depth])
  // What was picked is gone when the bodies stand otherwise.
  const picks = picked.of === matrices ? picked.list : none
  const nextCut = () => setCut((now) => (({ none: 'y', y: 'x', x: 'z', z: 'none' }) as const)[now])
  useKeys({
    x: nextCut,
    PageUp: () => setDepth((d) => Math.min(1, d + 0.02)),
    PageDown: () => setDepth((d) => Math.max(0, d - 0.02)),
    p: () => setPulled((now) => !now),
    f: () => setFits((n) => n + 1),
  })
  const pick = (event: ThreeEvent<MouseEvent>) => {
    // A drag turns the view; only a still press picks, and only what the plane has left.
    if (event.delta > 3 || !event.face || (plane && plane.distanceToPoint(event.point) < 0)) return
    event.stopPropagation()
    const normal = event.face.normal.clone().transformDirection(event.object.matrixWorld)
    setPicked({ of: matrices, list: [...(picks.length === 2 ? none : picks), { at: event.point.clone(), normal }] })
  }
  const size = box.getSize(new Vector3()).length()
  return (
    <div className="flex min-h-80 min-w-0 flex-col" role="group" aria-label="View in the round">
      <div
        className="min-h-0 grow outline-offset-[-3px]"
        tabIndex={0}
        role="img"
        aria-label="Turn it with the arrow keys, plus and minus come closer and go away"
        onKeyDown={(event) => {
          const by = turns[event.key]
          if (!by) return
          event.preventDefault()
          setTurn((now) => ({ ...by, count: now.count + 1 }))
        }}
      >
        <Canvas
          frameloop="demand"
          camera={{ fov: 32, up: [0, 0, 1], near: 1, far: 5000 }}
          dpr={[1, 2]}
          gl={{ stencil: true, localClippingEnabled: true }}
          onPointerMissed={() => setPicked({ of: null, list: none })}
        >
          <hemisphereLight args={['#ffffff', '#8a8f92', 2.6]} />
          <directionalLight position={[120, -200, 260]} intensity={2.4} />
          {bodies.map((body, i) => (
            <BodyMesh
              key={body.key}
              body={body}
              geometry={geometries[i]!}
              matrix={matrices[i]!}
              outline={body.role === 'counterpart' && !alone}
              colour={body.role === 'counterpart' ? colours.machine : colours.part}
              ink={body.role !== 'counterpart' ? colours.partLine : alone ? colours.machineLine : colours.machine}
              cut={plane}
              number={i}
              onPick={pick}
            />
          ))}
          {plane &&
            bodies.map((body, i) =>
              body.role === 'counterpart' && !alone ? null : (
                <CutFace
                  key={body.key}
                  matrix={faceOf(plane, box)}
                  size={size}
                  colour={body.role === 'counterpart' ? colours.machine : colours.part}
                  number={i}
                />
              ),
            )}
          <PickMarks picks={picks} size={size} colour={colours.ink} />
          <Framing box={box} subject={`${bodies.map(framed).join()} ${fits}`} />
          <Turning turn={turn} />
          <OrbitControls makeDefault />
        </Canvas>
      </div>
      <ViewControls
        cut={cut}
        onCut={setCut}
        depth={depth}
        onDepth={setDepth}
        pulled={pulled}
        onPulled={bodies.filter((b) => b.role === 'part').length > 1 && !onBed ? setPulled : undefined}
        onFit={() => setFits((n) => n + 1)}
        motions={onBed ? noMotions : motions}
        put={put}
        onPut={(key, at) => setPut((now) => ({ ...now, [key]: at }))}
        picks={picks}
      />
    </div>
  )
}

const turns: Readonly<Record<string, Omit<Turn, 'count'>>> = {
  ArrowLeft: { around: -10, up: 0, closer: 1 },
  ArrowRight: { around: 10, up: 0, closer: 1 },
  ArrowUp: { around: 0, up: 10, closer: 1 },
  ArrowDown: { around: 0, up: -10, closer: 1 },
  '+': { around: 0, up: 0, closer: 0.9 },
  '-': { around: 0, up: 0, closer: 1.1 },
}

/** What is laid another way is framed anew. */
const framed = (body: BodyView) => (body.role === 'lying' ? `${body.key} ${body.size.z.toFixed(0)}` : body.key)

/** As the page has them now: lamplight changes them. Edges are drawn on a piece in its own colour, almost black: dark on light by day and by lamp. */
function themeColours() {
  const of = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim()
  const line = (name: string) => `#${new Color(of(name)).multiplyScalar(0.06).getHexString()}`
  return {
    part: of('--part'),
    partLine: line('--part'),
    machine: of('--machine'),
    machineLine: line('--machine'),
    ink: getComputedStyle(document.body).color,
  }
}

/** Owns one geometry for each body and frees exactly those. */
function useGeometries(bodies: readonly BodyView[]): readonly BufferGeometry[] {
  const geometries = useMemo(() => bodies.map(bodyGeometry), [bodies])
  useEffect(() => () => geometries.forEach((g) => g.dispose()), [geometries])
  return geometries
}

function inARow(geometries: readonly BufferGeometry[]): readonly Matrix4[] {
  let x = 0
  return geometries.map((g) => {
    const box = g.boundingBox!
    const shift = x - box.min.x
    x += box.max.x - box.min.x + 6
    return new Matrix4().makeTranslation(shift, 0, 0)
  })
}

/** Every piece but the first goes up by what clears those before it. */
function pulledApart(bodies: readonly BodyView[], geometries: readonly BufferGeometry[], placed: readonly Matrix4[]): readonly Matrix4[] {
  let top: number | undefined
  return placed.map((matrix, i) => {
    if (bodies[i]!.role !== 'part') return matrix
    const box = geometries[i]!.boundingBox!.clone().applyMatrix4(matrix)
    const up = top === undefined ? 0 : Math.max(0, top - box.min.z + 10)
    top = box.max.z + up
    return new Matrix4().makeTranslation(0, 0, up).multiply(matrix)
  })
}

/** A plane across a box; what lies on its far side, seen from the front, right and above, stays. */
function planeIn(box: Box3, axis: Exclude<CutAxis, 'none'>, depth: number): Plane {
  const [from, to] = [box.min[axis], box.max[axis]]
  const at = axis === 'y' ? from + depth * (to - from) : to - depth * (to - from)
  const normal = axes[axis].clone().multiplyScalar(axis === 'y' ? 1 : -1)
  return new Plane(normal, axis === 'y' ? -at : at)
}

/** Lays a square into the plane, in the middle of the box. */
function faceOf(plane: Plane, box: Box3): Matrix4 {
  const middle = plane.projectPoint(box.getCenter(new Vector3()), new Vector3())
  return new Matrix4()
    .makeRotationFromQuaternion(new Quaternion().setFromUnitVectors(new Vector3(0, 0, 1), plane.normal))
    .setPosition(middle)
}
