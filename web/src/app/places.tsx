import { lazy, type ComponentType } from 'react';

/** A page of a feature, fetched when it is first opened, or ahead of that. */
function page<M extends Record<K, ComponentType>, K extends keyof M & string>(
  load: () => Promise<M>,
  name: K,
) {
  return { load, Page: lazy(async () => ({ default: (await load())[name] })) };
}

const formula = () => import('../features/formula');
const batch = () => import('../features/batch');
const keep = () => import('../features/keep');
const kitchen = () => import('../features/kitchen');
const logbook = () => import('../features/logbook');
const meal = () => import('../features/meal');
const panel = () => import('../features/panel');

/** Every page by its path, inside the frame. */
export const PAGES = {
  '/begin': page(kitchen, 'BeginPage'),
  '/today': page(() => import('../features/today'), 'TodayPage'),
  '/formulas': page(formula, 'FormulasPage'),
  '/formulas/new': page(formula, 'EditorPage'),
  '/formulas/:id': page(formula, 'FormulaPage'),
  '/formulas/:id/edit': page(formula, 'EditorPage'),
  '/meals': page(meal, 'MealsPage'),
  '/meals/parts': page(meal, 'PartsPage'),
  '/meals/:id': page(meal, 'MealPage'),
  '/meals/:id/bench': page(meal, 'BenchPage'),
  '/services/:id': page(meal, 'ServicePage'),
  '/meals/:id/dishes/:place': page(meal, 'ServingPage'),
  '/pantry': page(() => import('../features/pantry'), 'PantryPage'),
  '/plan': page(() => import('../features/plan'), 'PlanPage'),
  '/pots/:id?': page(batch, 'PotsPage'),
  '/pots/:id/hand-over': page(batch, 'HandOverPage'),
  '/balance': page(() => import('../features/balance'), 'BalancePage'),
  '/panels/:id': page(panel, 'PanelPage'),
  '/logbook': page(logbook, 'LogbookPage'),
  '/logbook/compare': page(logbook, 'ComparePage'),
  '/logbook/:id': page(logbook, 'RecordPage'),
  '/keep': page(keep, 'KeepPage'),
  '/keep/cool': page(keep, 'CoolPage'),
  '/keep/put-away': page(keep, 'PutAwayPage'),
  '/keep/lots/:id': page(keep, 'LotPage'),
  '/keep/trace': page(keep, 'TracePage'),
  '/kitchen/rules': page(kitchen, 'RulesPage'),
  '/kitchen': page(kitchen, 'KitchenPage'),
} as const;

/** On a taster's phone there is no frame. */
export const TASTE = page(panel, 'TastePage');

/** A place of the application, as it stands in the rail. */
export interface Place {
  path: string;
  name: string;
  key: string;
  /** At the thumb of a phone; the rest is under More. */
  isAtHand?: boolean;
}

export const PLACES: Place[] = [
  { path: '/today', name: 'Today', key: '0', isAtHand: true },
  { path: '/formulas', name: 'Formulas', key: '1' },
  { path: '/plan', name: 'Plan', key: '2', isAtHand: true },
  { path: '/pots', name: 'Pots', key: '3', isAtHand: true },
  { path: '/balance', name: 'Balance', key: '4' },
  { path: '/meals', name: 'Service', key: '9' },
  { path: '/keep', name: 'Keep', key: '5', isAtHand: true },
  { path: '/logbook', name: 'Logbook', key: '6' },
  { path: '/pantry', name: 'Pantry', key: '7' },
  { path: '/kitchen', name: 'Kitchen', key: '8' },
];

/** Fetches all places one after another while nobody needs the line. */
export async function fetchAhead(): Promise<void> {
  for (const { load } of Object.values(PAGES)) await load().catch(() => undefined);
}
