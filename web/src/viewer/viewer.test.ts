import { Box3, Matrix4, PerspectiveCamera, Vector3 } from 'three'
import { describe, expect, it } from 'vitest'
import type { MotionView } from '@/api/types'
import { between, inBothUnits } from './between'
import { fittingDistance } from './Camera'
import { creases } from './creases'
import { poseMatrix, positions, standing } from './standing'

const here = { turnX: 0, turnY: 0, turnZ: 0, by: { x: 0, y: 0, z: 0 } }
const zero = { x: 0, y: 0, z: 0 }
const motion = (key: string, moves: string[], path: MotionView['path'], drivenBy: MotionView['drivenBy'] = null): MotionView => ({
  key,
  name: key,
  moves,
  path,
  rests: [],
  drivenBy,
})
const rounded = (v: Vector3) => v.toArray().map((n) => Math.round(n * 1e6) / 1e6 + 0)

describe('where a body stands', () => {
  it('is turned about x, y and z in that order, then moved', () => {
    const pose = { turnX: 90, turnY: 0, turnZ: 90, by: { x: 0, y: 0, z: 5 } }
    // What pointed along y points up after the first turn; the turn about z leaves it there.
    expect(rounded(new Vector3(0, 1, 0).applyMatrix4(poseMatrix(pose)))).toEqual([0, 0, 6])
    expect(rounded(new Vector3(1, 0, 0).applyMatrix4(poseMatrix(pose)))).toEqual([0, 1, 5])
  })

  it('follows its motions one after the other, and a cam by its law', () => {
    const cam = motion('cam', ['cam'], [{ about: 'z', through: zero, degrees: 180, slide: zero }])
    const law = [
      { x: 0, y: 0 },
      { x: 0.5, y: 1 },
      { x: 1, y: 1 },
    ]
    const lift = motion('lift', ['follower'], [{ about: 'z', through: zero, degrees: 0, slide: { x: 0, y: 4, z: 0 } }], { by: 'cam', law })
    const carriage = motion('carriage', ['cam', 'follower'], [{ about: 'z', through: zero, degrees: 0, slide: { x: 100, y: 0, z: 0 } }])
    const all = [cam, lift, carriage]
    const follower = (put: Record<string, number>) =>
      rounded(new Vector3(0, 0, 0).applyMatrix4(standing({ key: 'follower', pose: here }, all, positions(all, put))))
    expect(follower({})).toEqual([0, 0, 0])
    expect(follower({ cam: 0.25 })).toEqual([0, 2, 0])
    expect(follower({ cam: 0.75, carriage: 0.5 })).toEqual([50, 4, 0])
  })

  it('swings about an axis that is not its own', () => {
    const swing = motion('swing', ['leaf'], [{ about: 'z', through: { x: 10, y: 0, z: 0 }, degrees: 90, slide: zero }])
    expect(rounded(new Vector3(15, 0, 0).applyMatrix4(standing({ key: 'leaf', pose: here }, [swing], { swing: 1 })))).toEqual([10, 5, 0])
  })
})

describe('the edges of a mesh', () => {
  // A roof of two squares of two triangles each, folded along the line from corner 1 to corner 2.
  const roof = (height: number) => Float32Array.from([0, 0, 0, 1, 0, height, 1, 1, height, 0, 1, 0, 2, 0, 0, 2, 1, 0])
  const faces = Uint32Array.from([0, 1, 2, 0, 2, 3, 1, 4, 5, 1, 5, 2])

  it('are its rim and the fold, never the diagonals', () => {
    expect(creases(roof(1), faces).length / 6).toBe(7)
    expect(creases(roof(0.1), faces).length / 6).toBe(6)
  })
})

describe('two picked faces', () => {
  const up = new Vector3(0, 0, 1)
  it('are apart by their planes where they are parallel, else from point to point', () => {
    const a = { at: new Vector3(0, 0, 0), normal: up }
    expect(between(a, { at: new Vector3(30, 40, 12.7), normal: up.clone().negate() })).toEqual({ mm: 12.7, parallel: true })
    expect(between(a, { at: new Vector3(3, 4, 0), normal: new Vector3(1, 0, 0) })).toEqual({ mm: 5, parallel: false })
    expect(inBothUnits(12.7)).toBe('12.70 mm · 0.500 in')
  })
})

describe('the first look', () => {
  it.each([
    [20, 20, 200, 2],
    [300, 10, 10, 2],
    [300, 10, 10, 0.5],
    [80, 60, 30, 1],
  ])('has the whole of a box of %d × %d × %d in a window of %d to 1, and little more', (x, y, z, aspect) => {
    const box = new Box3(new Vector3(0, 0, 0), new Vector3(x, y, z))
    const centre = box.getCenter(new Vector3())
    const camera = new PerspectiveCamera(32, aspect, 0.1, 5000)
    camera.up.set(0, 0, 1)
    camera.position.copy(centre).addScaledVector(new Vector3(0.75, -1.25, 0.75).normalize(), fittingDistance(box, 32, aspect))
    camera.lookAt(centre)
    camera.updateMatrixWorld()
    const seen = new Matrix4().multiplyMatrices(camera.projectionMatrix, camera.matrixWorldInverse)
    const corners = [0, x].flatMap((a) => [0, y].flatMap((b) => [0, z].map((c) => new Vector3(a, b, c).applyMatrix4(seen))))
    const furthest = Math.max(...corners.flatMap((c) => [Math.abs(c.x), Math.abs(c.y)]))
    expect(furthest).toBeLessThan(1)
    expect(furthest).toBeGreaterThan(0.85)
  })
})
