import { useMemo } from 'react'
import { BufferGeometry } from 'three'
import type { Pick } from './between'

/** Dots where faces were picked, and the line between them. */
export function PickMarks({ picks, size, colour }: { readonly picks: readonly Pick[]; readonly size: number; readonly colour: string }) {
  const line = useMemo(() => new BufferGeometry().setFromPoints(picks.map((p) => p.at)), [picks])
  return (
    <>
      {picks.map((p, i) => (
        <mesh key={i} position={p.at} renderOrder={200}>
          <sphereGeometry args={[size / 150, 16, 12]} />
          <meshBasicMaterial color={colour} depthTest={false} />
        </mesh>
      ))}
      {picks.length === 2 && (
        <lineSegments geometry={line} renderOrder={200}>
          <lineBasicMaterial color={colour} depthTest={false} />
        </lineSegments>
      )}
    </>
  )
}
