import createClient from 'openapi-fetch';
import { v4 } from 'uuid';
import { heard } from './clock';
import type { components, paths } from './schema';

type Schemas = components['schemas'];
export type KitchenView = Schemas['KitchenView'];
export type BoiledAltitude = Schemas['BoiledAltitude'];
export type KitchenEdit = Schemas['KitchenEdit'];
export type VesselView = Schemas['VesselView'];
export type VesselEdit = Schemas['VesselEdit'];
export type HeatSourceView = Schemas['HeatSourceView'];
export type HeatSourceEdit = Schemas['HeatSourceEdit'];
export type OvenView = Schemas['OvenView'];
export type MeasureView = Schemas['MeasureView'];
export type PlanRequest = Schemas['PlanRequest'];
export type PlanView = Schemas['PlanView'];
export type PlanPreview = Schemas['PlanPreview'];
export type WaysView = Schemas['WaysView'];
export type ShareView = Schemas['ShareView'];
export type StageFitView = Schemas['StageFitView'];
export type PlacingView = Schemas['PlacingView'];
export type AmountView = Schemas['AmountView'];
export type CurvePoint = Schemas['CurvePoint'];
export type BatchView = Schemas['BatchView'];
export type OnStove = Schemas['OnStove'];
export type TaskView = Schemas['TaskView'];
export type BenchView = Schemas['BenchView'];
export type BenchConflictView = Schemas['BenchConflictView'];
export type BenchLateView = Schemas['BenchLateView'];
export type ServiceView = Schemas['ServiceView'];
export type StageNote = Schemas['StageNote'];
export type IdeaView = Schemas['IdeaView'];
export type AsMadeView = Schemas['AsMadeView'];
export type EventView = Schemas['EventView'];
export type PotRates = Schemas['PotRates'];
export type LogbookEntry = Schemas['LogbookEntry'];
export type Working = Schemas['Working'];
export type Influence = Schemas['Influence'];
export type Problem = Schemas['Problem'];
export type FormulaSummary = Schemas['FormulaSummary'];
export type PartView = Schemas['PartView'];
export type HeatingChoice = Schemas['HeatingChoice'];
export type Way = HeatingChoice['way'];
export type AlternativeView = Schemas['AlternativeView'];
export type LineView = Schemas['LineView'];
export type StepView = Schemas['StepView'];
export type StageView = Schemas['StageView'];
export type EarlierThickness = Schemas['EarlierThickness'];
export type IngredientView = Schemas['IngredientView'];
export type IngredientContent = Schemas['Content'];
export type StockItem = Schemas['StockItem'];
export type Avoid = Schemas['Avoid'];
export type School = Schemas['School'];
export type FormulaView = Schemas['FormulaView'];
export type FormulaSheet = Schemas['FormulaSheet'];
export type StageSheet = Schemas['StageSheet'];
export type CourseSheet = Schemas['CourseSheet'];
export type PhaseSheet = Schemas['PhaseSheet'];
export type LineSheet = Schemas['LineSheet'];
export type AnalysisView = Schemas['AnalysisView'];
export type DeclarationView = Schemas['DeclarationView'];
export type PurchaseView = Schemas['PurchaseView'];
export type WithoutView = Schemas['WithoutView'];
export type MealSheet = Schemas['MealSheet'];
export type MealView = Schemas['MealView'];
export type BesideSheet = Schemas['BesideSheet'];
export type BesideView = Schemas['BesideView'];
export type PastaView = Schemas['PastaView'];
export type PiecesView = Schemas['PiecesView'];
export type TrayView = Schemas['TrayView'];
export type DropListView = Schemas['DropListView'];
export type ServingTables = Schemas['ServingTables'];
export type Medium = Schemas['PiecesSheet']['medium'];
export type Dressing = Schemas['PastaSheet']['dressing'];
export type SwapView = Schemas['SwapView'];
export type LineReading = Schemas['LineReading'];
export type BalanceRequest = Schemas['BalanceRequest'];
export type BalanceView = Schemas['BalanceView'];
export type TasteProfileView = Schemas['TasteProfileView'];
export type TasteView = Schemas['TasteView'];
export type DoseView = Schemas['DoseView'];
export type RemedyView = Schemas['RemedyView'];
export type CupDoseView = Schemas['CupDoseView'];
export type Fault = BalanceRequest['fault'];
export type PanelView = Schemas['PanelView'];
export type TasterView = Schemas['TasterView'];
export type Lid = PlanRequest['lid'];
export type Writes = Pick<
  Schemas,
  | 'StartBatch'
  | 'SimmerStart'
  | 'TakeReading'
  | 'Pour'
  | 'Add'
  | 'LadleOut'
  | 'TakePiecesOut'
  | 'BringOver'
  | 'SetHeat'
  | 'SetTarget'
  | 'DoStep'
  | 'StrikeOut'
  | 'Restore'
  | 'TakeBack'
  | 'Finish'
  | 'Taste'
  | 'TryCups'
>;

export type KeepingView = Schemas['KeepingView'];
export type CoolingView = Schemas['CoolingView'];
export type HoldView = Schemas['HoldView'];
export type SetOutView = Schemas['SetOutView'];
export type MarkView = Schemas['MarkView'];
export type CoursePoint = Schemas['CoursePoint'];
export type WayView = Schemas['WayView'];
export type CoolingPreview = Schemas['CoolingPreview'];
export type CoolingForecastView = Schemas['CoolingForecastView'];
export type CoolingSetupChoice = Schemas['CoolingSetupChoice'];
export type SetupView = Schemas['SetupView'];
export type ColdPlaceView = Schemas['ColdPlaceView'];
export type RuleSetView = Schemas['RuleSetView'];
export type LimitView = Schemas['LimitView'];
export type LotView = Schemas['LotView'];
export type TraceStep = Schemas['TraceStep'];
export type LotWrites = Pick<
  Schemas,
  'PutAway' | 'Move' | 'Use' | 'SplitLot' | 'Merge' | 'Discard'
>;
export type ServiceWrites = Pick<
  Schemas,
  'StartService' | 'SayOfService' | 'TakeCalendar' | 'EndService' | 'ReopenService'
>;
export type KeepingWrites = Pick<
  Schemas,
  | 'StartCooling'
  | 'StartHold'
  | 'SetOut'
  | 'ReadTemperature'
  | 'PlaceOtherwise'
  | 'Stir'
  | 'Reheat'
  | 'TopUp'
  | 'Close'
  | 'StrikeOutOfKeeping'
>;

/** Identities are made here; the browser's own maker is missing on plain HTTP off localhost. */
export const newId = (): string => v4();

const DEVICE = 'urnstew.device';
/** Which tablet or phone this is: made up once, so that a write can be traced to it. */
export function device(): string {
  const known = localStorage.getItem(DEVICE);
  if (known) return known;
  const made = newId();
  localStorage.setItem(DEVICE, made);
  return made;
}

/** Asks the server, with the fetch of the moment, so that tests can stand in for the network. */
export async function ask(request: Request): Promise<Response> {
  request.headers.set('Urnstew-Device', device());
  const response = await globalThis.fetch(request);
  heard(response.headers);
  return response;
}

export const client = createClient<paths>({
  baseUrl: globalThis.location?.origin ?? '',
  fetch: ask,
});
