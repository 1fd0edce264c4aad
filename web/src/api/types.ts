import type { components } from './schema'

type Schemas = components['schemas']

export type Access = Schemas['Access']
export type AlikeView = Schemas['AlikeView']
export type CameraKnown = Schemas['CameraKnownView']
export type BenchItem = Schemas['BenchItem']
export type BenchView = Schemas['BenchView']
export type HealthView = Schemas['HealthView']
export type QueueView = Schemas['QueueView']
/** A body with its triangles as they came in bytes. */
export type BodyView = Omit<Schemas['BodyView'], 'positions' | 'triangles'> & {
  readonly positions: Float32Array<ArrayBuffer>
  readonly triangles: Uint32Array<ArrayBuffer>
}
export type CardPreview = Schemas['CardPreview']
export type Callout = Schemas['Callout']
export type CheckView = Schemas['CheckView']
export type DesignRequest = Schemas['DesignRequest']
export type DesignView = Omit<Schemas['DesignView'], 'bodies'> & { readonly bodies: readonly BodyView[] }
export type DimensionView = Schemas['DimensionView']
export type DrawingView = Schemas['DrawingView']
export type EntryView = Schemas['EntryView']
export type FamilyView = Schemas['FamilyView']
export type Feel = NonNullable<Schemas['Feel']>
export type HistoryView = Schemas['HistoryView']
export type Instrument = Schemas['InstrumentView']
export type InterfaceView = Schemas['InterfaceView']
export type Job = Schemas['Job']
export type JobRequest = Schemas['JobRequest']
export type LedgerLineView = Schemas['LedgerLineView']
export type InterfaceSlot = Schemas['InterfaceSlot']
export type KindView = Schemas['KindView']
export type MachineSummary = Schemas['MachineSummaryView']
export type MachineView = Schemas['MachineView']
export type Photo = Schemas['Photo']
export type ReadingFileView = Schemas['ReadingFileView']
export type StandardView = Schemas['StandardView']
export type WorthReading = Schemas['WorthReadingView']
export type ParameterSpec = Schemas['ParameterSpec']
export type PlanView = Schemas['PlanView']
export type PrintView = Schemas['PrintView']
export type SurfaceFit = Schemas['SurfaceFitView']
export type LearnedFrom = Schemas['LearnedFromView']
export type JointWindows = Schemas['JointWindowsView']
export type FitWindow = Schemas['FitWindowView']
export type Surface = Schemas['Surface']
export type CombTold = Schemas['CombToldRequest']
export type CombTooth = Schemas['CombToothView']
export type MadeComb = Schemas['MadeCombView']
export type WayOn = Schemas['WayOnView']
export type ServiceNoteRequest = Schemas['ServiceNoteRequest']
export type WaysView = Schemas['WaysView']
export type WayView = Schemas['WayView']
export type Part = Schemas['Part']
export type PartRequest = Schemas['PartRequest']
export type PartState = Schemas['PartState']
export type TakenFrom = Schemas['TakenFrom']
export type TakenSlot = Schemas['TakenSlot']
export type Filament = Schemas['Filament']
export type Printer = Schemas['Printer']
export type Process = Schemas['Process']
export type SettingField = Schemas['SettingFieldView']
export type SettingForms = Schemas['SettingForms']
export type SettingStateView = Schemas['SettingStateView']
export type Setup = Schemas['Setup']
export type QuantityView = Schemas['QuantityView']
export type ReadingView = Schemas['ReadingView']
export type RemedyView = Schemas['RemedyView']
export type RevisionView = Schemas['RevisionView']
export type SizeBelief = Schemas['SizeBelief']
export type TryPlaceView = Schemas['TryPlaceView']
export type BedfulView = Schemas['BedfulView']
export type BedfulsView = Schemas['BedfulsView']
export type BedfulsRequest = Schemas['BedfulsRequest']
export type BedfulsStep = Schemas['BedfulsStep']
export type AwayView = Schemas['AwayView']
export type MemberVerdict = Schemas['MemberVerdict']
export type PlacementView = Schemas['PlacementView']
export type RowItem = Schemas['RowItem']
export type ScrewDrawer = Schemas['ScrewDrawer']
export type DrawerScrew = Schemas['DrawerScrew']
export type Spool = Schemas['Spool']
export type SeatView = Schemas['SeatView']
export type Station = Schemas['Station']
export type MotionView = Schemas['Motion']
export type OutlineTaken = Schemas['OutlineTaken']
export type OutlineView = Schemas['OutlineView']
export type SeenEdge = NonNullable<OutlineTaken['seen']>
export type FlatPicture = SeenEdge['flat']
export type SeenScan = NonNullable<OutlineTaken['scan']>
export type TryChoice = Schemas['TryChoice']
export type TryAnswer = Schemas['TryAnswer']
export type TryRequest = Schemas['TryRequest']
export type HomesAsked = Schemas['HomesAsked']
export type HomesFound = Schemas['HomesFound']
export type HomesView = Schemas['HomesView']
export type HomeReach = Schemas['Reach']
export type HomeUse = Schemas['Use']
export type StorageEntry = Schemas['StorageEntry']
export type ThingEntry = Schemas['ThingEntry']
export type Verdict = Schemas['Verdict']

/** One thing wrong with an entry; carried by every problem answer of the API. */
export type Problem = {
  readonly field: string
  readonly value: string | null
  readonly message: string
  readonly remedy: string
  readonly limit: string | null
  readonly position: number | null
}
