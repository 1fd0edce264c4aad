import { useEffect, useMemo, useState } from 'react'
import type { ThreeEvent } from '@react-three/fiber'
import {
  AlwaysStencilFunc,
  BackSide,
  type BufferGeometry,
  DecrementWrapStencilOp,
  DoubleSide,
  FrontSide,
  IncrementWrapStencilOp,
  type Matrix4,
  MeshBasicMaterial,
  type Plane,
} from 'three'
import type { BodyView } from '@/api/types'
import { edgeGeometry } from './geometry'
import { hatchMaterial } from './hatch'

export type BodyMeshProps = {
  readonly body: BodyView
  readonly geometry: BufferGeometry
  readonly matrix: Matrix4
  /** A piece is shaded; the machine beside pieces is an outline under a veil, which hides nothing: a smooth thing has hardly an edge to draw. */
  readonly outline: boolean
  readonly colour: string
  readonly ink: string
  readonly cut: Plane | null
  /** Which piece it is: hatch directions differ. */
  readonly number: number
  readonly onPick: (event: ThreeEvent<MouseEvent>) => void
}

/** One body: faces and drawn edges, opened where the cutting plane runs. */
export function BodyMesh({ body, geometry, matrix, outline, colour, ink, cut, number, onPick }: BodyMeshProps) {
  const planes = useMemo(() => (cut ? [cut] : []), [cut])
  return (
    <group matrix={matrix} matrixAutoUpdate={false}>
      {outline ? (
        <mesh geometry={geometry} renderOrder={95}>
          <meshBasicMaterial color={colour} transparent opacity={0.16} depthWrite={false} />
        </mesh>
      ) : (
        <mesh geometry={geometry} onClick={onPick} renderOrder={number + 0.2}>
          <meshLambertMaterial
            color={colour}
            side={DoubleSide}
            clippingPlanes={planes}
            polygonOffset
            polygonOffsetFactor={1}
            polygonOffsetUnits={1}
          />
        </mesh>
      )}
      {!outline && cut && <Opened geometry={geometry} cut={cut} number={number} />}
      <Edges body={body} colour={ink} faint={outline} cut={outline ? [] : planes} />
    </group>
  )
}

/** Edges are found when a body stays as it is for a moment: not while a size is dragged. */
function Edges({
  body,
  colour,
  faint,
  cut,
}: {
  readonly body: BodyView
  readonly colour: string
  readonly faint: boolean
  readonly cut: readonly Plane[]
}) {
  const [edges, setEdges] = useState<{ readonly of: string; readonly lines: BufferGeometry }>()
  useEffect(() => {
    const timer = setTimeout(() => setEdges({ of: body.hash, lines: edgeGeometry(body) }), 80)
    return () => clearTimeout(timer)
  }, [body])
  useEffect(() => () => edges?.lines.dispose(), [edges])
  if (edges?.of !== body.hash) return null
  return (
    <lineSegments geometry={edges.lines} renderOrder={faint ? 100 : 90}>
      <lineBasicMaterial color={colour} transparent opacity={faint ? 0.45 : 0.85} depthWrite={false} clippingPlanes={[...cut]} />
    </lineSegments>
  )
}

/** Counts, pixel by pixel, how often the cut body is entered and left: what is left over is where the plane runs through material. */
function Opened({ geometry, cut, number }: { readonly geometry: BufferGeometry; readonly cut: Plane; readonly number: number }) {
  const materials = useMemo(
    () =>
      ([BackSide, FrontSide] as const).map((side) => {
        const material = new MeshBasicMaterial({ depthWrite: false, depthTest: false, colorWrite: false, side, clippingPlanes: [cut] })
        const op = side === BackSide ? IncrementWrapStencilOp : DecrementWrapStencilOp
        return Object.assign(material, {
          stencilWrite: true,
          stencilFunc: AlwaysStencilFunc,
          stencilFail: op,
          stencilZFail: op,
          stencilZPass: op,
        })
      }),
    [cut],
  )
  useEffect(() => () => materials.forEach((m) => m.dispose()), [materials])
  return (
    <>
      {materials.map((material) => (
        <mesh key={material.side} geometry={geometry} material={material} renderOrder={number} />
      ))}
    </>
  )
}

/** The cut face of one body, in the plane itself. */
export function CutFace({
  matrix,
  size,
  colour,
  number,
}: {
  readonly matrix: Matrix4
  readonly size: number
  readonly colour: string
  readonly number: number
}) {
  const material = useMemo(() => hatchMaterial(colour, number), [colour, number])
  useEffect(() => () => material.dispose(), [material])
  return (
    <mesh matrix={matrix} matrixAutoUpdate={false} material={material} renderOrder={number + 0.1}>
      <planeGeometry args={[size, size]} />
    </mesh>
  )
}
