import { BufferAttribute, BufferGeometry } from 'three'
import type { BodyView } from '@/api/types'
import { creases } from './creases'

/** The triangles of a body, flat shaded so that what is seen is what is in the file. The caller frees it. */
export function bodyGeometry(body: BodyView): BufferGeometry {
  const indexed = new BufferGeometry()
  indexed.setAttribute('position', new BufferAttribute(body.positions, 3))
  indexed.setIndex(new BufferAttribute(body.triangles, 1))
  const flat = indexed.toNonIndexed()
  indexed.dispose()
  flat.computeVertexNormals()
  flat.computeBoundingBox()
  return flat
}

/** The edges of a body as lines. The caller frees it. */
export function edgeGeometry(body: BodyView): BufferGeometry {
  const edges = new BufferGeometry()
  const points = creases(body.positions, body.triangles)
  edges.setAttribute('position', new BufferAttribute(points, 3))
  return edges
}
