import { Canvas, useThree } from '@react-three/fiber'
import { OrbitControls } from '@react-three/drei/core/OrbitControls'
import { useEffect, useMemo } from 'react'
import { Box3, Vector3, type BufferGeometry } from 'three'
import type { BodyView } from '@/api/types'
import { bodyGeometry } from './geometry'
import { matterMaterial, type Matter } from './matter'

export type SeatViewProps = {
  readonly bodies: readonly BodyView[]
  /** Lays the bodies beside each other, as they stand on a bed. */
  readonly apart: boolean
}

/** Machine and part in the round: drag to turn, wheel or pinch to come closer. */
export function SeatView({ bodies, apart }: SeatViewProps) {
  const geometries = useGeometries(bodies)
  const shifts = useMemo(() => (apart ? inARow(geometries) : geometries.map(() => 0)), [geometries, apart])
  return (
    <div className="min-h-80" role="img" aria-label="View in the round">
      <Canvas frameloop="demand" camera={{ fov: 32, up: [0, 0, 1], near: 1, far: 5000 }} dpr={[1, 2]}>
        <hemisphereLight args={['#ffffff', '#8a8f92', 2.6]} />
        <directionalLight position={[120, -200, 260]} intensity={2.4} />
        {bodies.map((body, i) => (
          <BodyMesh
            key={body.key}
            geometry={geometries[i]!}
            matter={body.role !== 'counterpart' ? 'part' : bodies.some((b) => b.role !== 'counterpart') ? 'ghost' : 'machine'}
            shift={shifts[i]!}
          />
        ))}
        <Framing geometries={geometries} shifts={shifts} subject={bodies.map((b) => b.key).join()} />
        <OrbitControls makeDefault />
      </Canvas>
    </div>
  )
}

type BodyMeshProps = { readonly geometry: BufferGeometry; readonly matter: Matter; readonly shift: number }

function BodyMesh({ geometry, matter, shift }: BodyMeshProps) {
  const material = useMemo(() => {
    const style = getComputedStyle(document.documentElement)
    return matterMaterial(matter, style.getPropertyValue(matter === 'part' ? '--part' : '--machine').trim())
  }, [matter])
  useEffect(() => () => material.dispose(), [material])
  return <mesh geometry={geometry} material={material} position={[shift, 0, 0]} />
}

/** Owns one geometry for each body and frees exactly those. */
function useGeometries(bodies: readonly BodyView[]): readonly BufferGeometry[] {
  const geometries = useMemo(() => bodies.map(bodyGeometry), [bodies])
  useEffect(() => () => geometries.forEach((g) => g.dispose()), [geometries])
  return geometries
}

function inARow(geometries: readonly BufferGeometry[]): readonly number[] {
  let x = 0
  return geometries.map((g) => {
    const box = g.boundingBox!
    const shift = x - box.min.x
    x += box.max.x - box.min.x + 6
    return shift
  })
}

type FramingProps = { readonly geometries: readonly BufferGeometry[]; readonly shifts: readonly number[]; readonly subject: string }

/** Brings other bodies into the picture once; after that the maker turns the view, and a changed size does not. */
function Framing({ geometries, shifts, subject }: FramingProps) {
  const { camera, controls, invalidate } = useThree()
  useEffect(() => {
    const box = geometries.reduce((all, g, i) => all.union(g.boundingBox!.clone().translate(new Vector3(shifts[i], 0, 0))), new Box3())
    const centre = box.getCenter(new Vector3())
    const reach = box.getSize(new Vector3()).length()
    camera.position.copy(centre).add(new Vector3(0.75, -1.25, 0.75).normalize().multiplyScalar(reach * 1.75))
    camera.lookAt(centre)
    if (controls && 'target' in controls) (controls.target as Vector3).copy(centre)
    invalidate()
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only other bodies move the camera, not other sizes
  }, [camera, controls, invalidate, subject])
  return null
}
