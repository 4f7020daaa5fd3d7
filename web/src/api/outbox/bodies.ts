import type { KeepingWrites, LotWrites, ServiceWrites, Writes } from '../client';

/** What is typed; when it was typed and sent is added here. */
type Unstamped<T> = Omit<T, 'stamp'> & { happenedLocalTime?: string };
type Typed<K extends keyof Writes> = Unstamped<Writes[K]>;
type TypedOfKept<K extends keyof KeepingWrites> = Unstamped<KeepingWrites[K]>;
export interface Bodies {
  '/api/batches': Typed<'StartBatch'>;
  '/simmer-starts': Typed<'SimmerStart'>;
  '/readings': Typed<'TakeReading'>;
  '/pours': Typed<'Pour'>;
  '/additions': Typed<'Add'>;
  '/ladlings': Typed<'LadleOut'>;
  '/take-outs': Typed<'TakePiecesOut'>;
  '/come-overs': Typed<'BringOver'>;
  '/heats': Typed<'SetHeat'>;
  '/targets': Typed<'SetTarget'>;
  '/steps': Typed<'DoStep'>;
  '/tastings': Typed<'Taste'>;
  '/cup-trials': Typed<'TryCups'>;
  '/strike-outs': Typed<'StrikeOut'>;
  '/restorations': Typed<'Restore'>;
  '/finishes': Typed<'Finish'>;
  '/take-backs': Typed<'TakeBack'>;
}
/** What is written of something held or cooling. */
export interface KeptBodies {
  '/coolings': TypedOfKept<'StartCooling'>;
  '/holds': TypedOfKept<'StartHold'>;
  '/set-outs': TypedOfKept<'SetOut'>;
  '/readings': TypedOfKept<'ReadTemperature'>;
  '/placings': TypedOfKept<'PlaceOtherwise'>;
  '/stirrings': TypedOfKept<'Stir'>;
  '/reheatings': TypedOfKept<'Reheat'>;
  '/top-ups': TypedOfKept<'TopUp'>;
  '/strike-outs': TypedOfKept<'StrikeOutOfKeeping'>;
  '/closings': TypedOfKept<'Close'>;
  '/take-backs': Typed<'TakeBack'>;
}
/** What is written about tubs; the first two begin a lot. */
export interface LotBodies {
  '': Unstamped<LotWrites['PutAway']>;
  '/mergers': Unstamped<LotWrites['Merge']>;
  '/moves': Unstamped<LotWrites['Move']>;
  '/uses': Unstamped<LotWrites['Use']>;
  '/splits': Unstamped<LotWrites['SplitLot']>;
  '/discards': Unstamped<LotWrites['Discard']>;
  '/take-backs': Typed<'TakeBack'>;
}
/** What is said of a service; the first starts one. */
export interface ServiceBodies {
  '': Unstamped<ServiceWrites['StartService']>;
  '/entries': Unstamped<ServiceWrites['SayOfService']>;
  '/calendars': Unstamped<ServiceWrites['TakeCalendar']>;
  '/ends': Unstamped<ServiceWrites['EndService']>;
  '/reopenings': Unstamped<ServiceWrites['ReopenService']>;
}
/**
 * A way back: what begins or ends a thing is taken back, an entry between them struck out.
 * @property id the pot, what is kept, or the lot
 * @property eventId the thing itself for its beginning, or the entry
 */
export interface Back {
  of: 'batches' | 'keepings' | 'lots';
  id: string;
  by: '/take-backs' | '/strike-outs';
  eventId: string;
}
/** Writes of one batch. */
export type BatchWrite = Exclude<keyof Bodies, '/api/batches'>;
