import { useEffect, useRef, useState } from 'react'
import { api, got } from '@/api/client'
import type { Access, DimensionView } from '@/api/types'
import { useKeys } from '@/ui/useKeys'

export type Device = 'caliper' | 'scale'

/** The device that stands in for a real one that reads a dimension. */
export const standInFor = (access: Access): Device | null =>
  access === 'mass' ? 'scale' : ['outside', 'inside', 'depth', 'length', 'position', 'pitch'].includes(access) ? 'caliper' : null

type Shown = { readonly text: string; readonly held: boolean }

export type StandInProps = {
  readonly device: Device
  readonly place: string
  readonly dimension: DimensionView
  readonly busy: boolean
  readonly onTake: (text: string) => void
  readonly onPutDown: () => void
}

/** A simulated device with a live display; it is treated as a real one would be. */
export function StandIn({ device, place, dimension, busy, onTake, onPutDown }: StandInProps) {
  const shown = useShown(device, place, dimension.key)
  const button = useRef<HTMLButtonElement>(null)
  const unit = device === 'scale' ? 'g' : 'mm'
  const press = (which: 'hold' | 'zero') =>
    void got(api.POST('/api/devices/{key}/presses', { params: { path: { key: device } }, body: { button: which } }))
  const ready = shown !== null && !busy
  useEffect(() => {
    if (ready) button.current?.focus()
  }, [ready])
  useKeys({ h: () => press('hold'), z: () => press('zero'), c: onPutDown })
  return (
    <div className="border-secondary flex flex-col gap-2 rounded-md border-2 p-3" role="group" aria-label={`Stand-in ${device}`}>
      <div className="flex items-baseline justify-between gap-2">
        <output className="figure text-4xl font-semibold" aria-live="off">
          {shown ? `${shown.text} ${unit}` : '…'}
        </output>
        <span className="quiet">{shown?.held ? 'held' : 'live'}</span>
      </div>
      <div className="flex flex-wrap gap-2">
        <button
          ref={button}
          type="button"
          className="btn btn-primary"
          disabled={!ready}
          onClick={() => shown && onTake(`${shown.text} ${unit}`)}
        >
          Take what it shows
        </button>
        <button type="button" className="btn btn-outline" onClick={() => press('hold')}>
          {shown?.held ? 'Let go' : 'Hold'} <kbd className="kbd kbd-sm">h</kbd>
        </button>
        <button type="button" className="btn btn-outline" onClick={() => press('zero')}>
          Zero <kbd className="kbd kbd-sm">z</kbd>
        </button>
        <button type="button" className="btn btn-ghost" onClick={onPutDown}>
          Put down <kbd className="kbd kbd-sm">c</kbd>
        </button>
      </div>
    </div>
  )
}

function useShown(device: Device, place: string, dimension: string): Shown | null {
  const [shown, setShown] = useState<Shown | null>(null)
  useEffect(() => {
    const stream = new EventSource(`/api/devices/${device}/stream?place=${place}&dimension=${encodeURIComponent(dimension)}`)
    stream.addEventListener('shown', (event) => setShown(JSON.parse((event as MessageEvent<string>).data) as Shown))
    return () => stream.close()
  }, [device, place, dimension])
  return shown
}
