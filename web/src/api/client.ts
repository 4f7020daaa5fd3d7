import createClient from 'openapi-fetch';
import { v4 } from 'uuid';
import type { components, paths } from './schema';

type Schemas = components['schemas'];
export type KitchenView = Schemas['KitchenView'];
export type KitchenEdit = Schemas['KitchenEdit'];
export type VesselView = Schemas['VesselView'];
export type VesselEdit = Schemas['VesselEdit'];
export type HeatSourceView = Schemas['HeatSourceView'];
export type HeatSourceEdit = Schemas['HeatSourceEdit'];
export type OvenView = Schemas['OvenView'];
export type MeasureView = Schemas['MeasureView'];
export type PlanRequest = Schemas['PlanRequest'];
export type PlanView = Schemas['PlanView'];
export type AmountView = Schemas['AmountView'];
export type CurvePoint = Schemas['CurvePoint'];
export type BatchView = Schemas['BatchView'];
export type EventView = Schemas['EventView'];
export type LogbookEntry = Schemas['LogbookEntry'];
export type Working = Schemas['Working'];
export type Influence = Schemas['Influence'];
export type Problem = Schemas['Problem'];
export type FormulaSummary = Schemas['FormulaSummary'];
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
export type LineSheet = Schemas['LineSheet'];
export type AnalysisView = Schemas['AnalysisView'];
export type DeclarationView = Schemas['DeclarationView'];
export type PurchaseView = Schemas['PurchaseView'];
export type WithoutView = Schemas['WithoutView'];
export type MealSheet = Schemas['MealSheet'];
export type MealView = Schemas['MealView'];
export type ItemView = Schemas['ItemView'];
export type SwapView = Schemas['SwapView'];
export type LineReading = Schemas['LineReading'];
export type Lid = PlanRequest['lid'];
export type Writes = Pick<Schemas, 'StartBatch' | 'SimmerStart' | 'TakeReading' | 'Pour' | 'Add' | 'LadleOut' | 'TakePiecesOut' | 'SetHeat' | 'SetTarget' | 'DoStep' | 'StrikeOut' | 'Restore' | 'Finish'>;

// The fetch of the moment of the call, so that tests can stand in for the network.
export const client = createClient<paths>({ baseUrl: globalThis.location?.origin ?? '', fetch: (request) => globalThis.fetch(request) });

/** Identities are made here; the browser's own maker is missing on plain HTTP off localhost. */
export const newId = (): string => v4();
