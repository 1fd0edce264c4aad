import { Screws } from './Screws'
import { Setups } from './Setups'
import { Spools } from './Spools'

/** What lies on the shelf: filament by weight, and screws by length; and the setups that print. */
export function PrintroomScreen() {
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-10 p-6">
      <Spools />
      <Screws />
      <Setups />
    </div>
  )
}
