import { Screws } from './Screws'
import { Spools } from './Spools'

/** What lies on the shelf: filament by weight, and screws by length. */
export function PrintroomScreen() {
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-10 p-6">
      <Spools />
      <Screws />
    </div>
  )
}
