import { useState } from 'react'
import { Link, Route, Routes } from 'react-router'
import { BenchScreen } from './bench/BenchScreen'
import { FitsScreen } from './fits/FitsScreen'
import { HomesScreen } from './homes/HomesScreen'
import { InstrumentsScreen } from './instruments/InstrumentsScreen'
import { JobScreen } from './jobs/JobScreen'
import { MachinesScreen } from './machines/MachinesScreen'
import { PrintroomScreen } from './printroom/PrintroomScreen'
import { SetupsScreen } from './setups/SetupsScreen'
import { TablesScreen } from './tables/TablesScreen'
import { Finder } from './frame/Finder'
import { Header } from './frame/Header'
import { KeySheet } from './frame/KeySheet'
import { NotebookBand } from './ui/NotebookBand'
import { useLeading } from './ui/leading'
import { useKeys } from './ui/useKeys'

export function App() {
  const [sheet, setSheet] = useState<'keys' | 'find' | null>(null)
  const { swap } = useLeading()
  const close = () => setSheet(null)
  useKeys(sheet ? {} : { '?': () => setSheet('keys'), '/': () => setSheet('find'), u: swap })
  return (
    <div className="bg-base-100 text-base-content flex min-h-dvh flex-col lg:h-dvh">
      <Header onFind={() => setSheet('find')} onKeys={() => setSheet('keys')} />
      <NotebookBand />
      <main className="flex min-h-0 grow flex-col lg:overflow-auto">
        <Routes>
          <Route path="/" element={<BenchScreen />} />
          <Route path="/machines" element={<MachinesScreen />} />
          <Route path="/machines/:id" element={<MachinesScreen />} />
          <Route path="/instruments" element={<InstrumentsScreen />} />
          <Route path="/printroom" element={<PrintroomScreen />} />
          <Route path="/setups" element={<SetupsScreen />} />
          <Route path="/fits" element={<FitsScreen />} />
          <Route path="/tables" element={<TablesScreen />} />
          <Route path="/jobs/:id" element={<JobScreen />} />
          <Route path="/jobs/:id/homes" element={<HomesScreen />} />
          <Route path="*" element={<Nowhere />} />
        </Routes>
      </main>
      {sheet === 'keys' && <KeySheet onClose={close} />}
      {sheet === 'find' && <Finder onClose={close} />}
    </div>
  )
}

function Nowhere() {
  return (
    <div className="flex flex-col gap-4 p-8">
      <h1 className="text-2xl font-bold">Nothing is kept under this address.</h1>
      <Link to="/" className="btn btn-primary w-fit">
        Go to the bench
      </Link>
    </div>
  )
}
