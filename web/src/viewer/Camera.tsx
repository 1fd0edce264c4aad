import { useThree } from '@react-three/fiber'
import { useEffect } from 'react'
import { type Box3, MathUtils, type PerspectiveCamera, Spherical, Vector3 } from 'three'

/** Turns and steps of the camera that keys ask for. */
export type Turn = { readonly around: number; readonly up: number; readonly closer: number; readonly count: number }

/** Where the view looks from at first: the right, the front, above. */
const from = new Vector3(0.75, -1.25, 0.75).normalize()

/** How far from the middle of a box the whole of it is seen, with a little air around it. */
export function fittingDistance(box: Box3, fov: number, aspect: number): number {
  const right = new Vector3(0, 0, 1).cross(from).normalize()
  const up = from.clone().cross(right)
  const tall = Math.tan(MathUtils.degToRad(fov / 2))
  const half = box.getSize(new Vector3()).multiplyScalar(0.5)
  const corners = [-1, 1].flatMap((x) => [-1, 1].flatMap((y) => [-1, 1].map((z) => new Vector3(x * half.x, y * half.y, z * half.z))))
  return Math.max(
    ...corners.map((c) => c.dot(from) + 1.08 * Math.max(Math.abs(c.dot(up)) / tall, Math.abs(c.dot(right)) / (tall * aspect))),
  )
}

/** Brings the bodies into the picture when they are others, or when it is asked for; after that the maker turns the view, and a changed size does not. */
export function Framing({ box, subject }: { readonly box: Box3; readonly subject: string }) {
  const { camera, controls, invalidate, size } = useThree()
  useEffect(() => {
    const centre = box.getCenter(new Vector3())
    const view = camera as PerspectiveCamera
    camera.position.copy(centre).addScaledVector(from, fittingDistance(box, view.fov, size.width / Math.max(1, size.height)))
    camera.lookAt(centre)
    if (controls && 'target' in controls) (controls.target as Vector3).copy(centre)
    invalidate()
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only other bodies move the camera, not other sizes
  }, [camera, controls, invalidate, subject])
  return null
}

/** Turns the view about what it looks at, by keys. */
export function Turning({ turn }: { readonly turn: Turn }) {
  const { camera, controls, invalidate } = useThree()
  useEffect(() => {
    if (turn.count === 0 || !controls || !('target' in controls)) return
    const target = controls.target as Vector3
    // Spherical angles are about y; up is z here.
    const from = camera.position.clone().sub(target)
    const at = new Spherical().setFromVector3(new Vector3(from.x, from.z, -from.y))
    at.theta += MathUtils.degToRad(turn.around)
    at.phi = MathUtils.clamp(at.phi - MathUtils.degToRad(turn.up), 0.02, Math.PI - 0.02)
    at.radius *= turn.closer
    const to = new Vector3().setFromSpherical(at)
    camera.position.copy(target).add(new Vector3(to.x, -to.z, to.y))
    camera.lookAt(target)
    invalidate()
  }, [camera, controls, invalidate, turn])
  return null
}
