import type { components } from './schema'

type Schemas = components['schemas']

export type Plan = Required<Schemas['Plan']>
export type BandPoint = Schemas['BandPoint']
export type HeatCurve = Schemas['HeatCurve']
export type Warning = Schemas['Warning']
export type Mend = Schemas['Mend']
export type Promise = NonNullable<Schemas['Promise']>
export type ReleaseKind = Schemas['ReleaseKind']
export type LiquidBudget = Required<NonNullable<Schemas['LiquidOutcome']>>
export type LateAtTheTable = Schemas['LateAtTheTable']
export type WidthShare = Schemas['WidthShare']
export type MeatYield = Required<NonNullable<Schemas['MeatYield']>>
export type Course = Schemas['CourseView']
export type Energy = Schemas['EnergyView']
export type Assumption = Schemas['Assumption']
export type LineUp = Schemas['LineUp']
export type LineUpTask = Schemas['LineUpTask']
export type DishItemBody = Schemas['DishItemBody']
export type PourQuestion = Schemas['PourQuestion']
export type ReadItem = Schemas['ReadItem']
export type DishDocument = Schemas['DishDocument']
export type KeptDish = Schemas['KeptDish']
export type DishView = Schemas['DishView']
export type WayId = Schemas['WayId']
export type TriedLid = Schemas['TriedLid']
export type CookView = Schemas['CookView']
export type CookOutline = Schemas['CookOutline']
export type StartBody = Schemas['StartBody']
export type CookEventKind = NonNullable<Schemas['CookEventKind']>
export type CookEventData = Partial<Schemas['CookEventData']>
export type CookPhase = Schemas['CookPhase']
export type StripPart = Schemas['StripPart']
export type CookCurves = Schemas['CookCurves']
export type SimulatedFault = Schemas['SimulatedFault']
export type ThawWay = Schemas['ThawWay']
export type Release = Schemas['Release']
export type Catalogue = Schemas['CatalogueView']
export type Safety = Schemas['CatalogueSafety']
export type Cut = Schemas['CatalogueCut']
export type LoadBody = NonNullable<Schemas['LoadBody']>
export type AdaptBody = Schemas['AdaptBody']
export type Pot = Schemas['Pot']
export type PotBody = Schemas['PotBody']
export type SavedPlan = Schemas['SavedPlan']
export type KitchenView = Schemas['KitchenView']
export type UnitSystem = Schemas['UnitSystem']
export type Dimension = Schemas['Dimension']
export type AskView = Schemas['AskView']
export type BookItem = Schemas['BookItem']
export type BookPage = Schemas['BookPage']
export type LearnedView = Schemas['LearnedView']
export type LearnedThing = Schemas['LearnedThing']
export type Calibration = Schemas['Calibration']
export type SpotView = Schemas['SpotView']
export type StoreView = Schemas['StoreView']
export type TableLook = Schemas['TableLook']
export type StorePlace = NonNullable<Schemas['StorePlace']>
export type StoreBody = Schemas['StoreBody']
export type LabelView = Schemas['LabelView']
export type BackupFile = Schemas['BackupFile']
export type RestoreLook = Schemas['RestoreLook']
export type CodeView = Schemas['CodeView']
export type HomeView = Schemas['HomeView']
export type Settled = Schemas['SettledBody']

/** A question to the planner; what is left out has a default on the server. */
export type Request = Partial<Omit<Schemas['PreviewBody'], 'load' | 'pot'>> & {
  load: Partial<Schemas['LoadBody']>
  pot?: Partial<PotBody> | null
}

/** The body as the generated client wants it: every property, null where nothing was said. */
export const asBody = (request: Request): Schemas['PreviewBody'] => request as Schemas['PreviewBody']

/** What a simulated pot and its probe say; comes through the hub. */
export interface DeviceReport {
  cookId: string
  at: string
  pot: { lidOn: boolean; pinUp: boolean; heats: boolean; celsius: number }
  probe: Record<string, number | null>
}
