import type { BatchWrite, KeptBodies, LotBodies, ServiceBodies } from './bodies';
import type { Entry } from './store';

const OF_POTS: Record<BatchWrite, string> = {
  '/simmer-starts': 'The start of the simmer',
  '/readings': 'A reading',
  '/pours': 'What went in',
  '/additions': 'Something put in',
  '/ladlings': 'Sauce ladled out',
  '/take-outs': 'Pieces taken out',
  '/come-overs': 'What came over',
  '/heats': 'Another heat',
  '/targets': 'Another thickness',
  '/steps': 'A step done',
  '/tastings': 'A tasting',
  '/cup-trials': 'A trial in cups',
  '/strike-outs': 'A strike-out',
  '/restorations': 'A reading put back',
  '/finishes': 'The end of a batch',
  '/take-backs': 'What was taken back',
};
const OF_KEPT: Record<keyof KeptBodies, string> = {
  '/coolings': 'A cooling',
  '/holds': 'A hold',
  '/set-outs': 'Something left out',
  '/readings': 'A reading',
  '/placings': 'Another place to cool',
  '/stirrings': 'A stirring',
  '/reheatings': 'A reheating',
  '/top-ups': 'A top-up',
  '/strike-outs': 'A strike-out',
  '/closings': 'The end of what was kept',
  '/take-backs': 'What was taken back',
};
const OF_LOTS: Record<keyof LotBodies, string> = {
  '': 'Tubs put away',
  '/mergers': 'Tubs put together',
  '/moves': 'Tubs moved',
  '/uses': 'Tubs used',
  '/splits': 'Tubs parted',
  '/discards': 'Tubs thrown away',
  '/take-backs': 'What was taken back',
};
const OF_SERVICES: Record<keyof ServiceBodies, string> = {
  '': 'The start of a service',
  '/entries': 'What was said of a service',
  '/calendars': 'A calendar of a service',
  '/ends': 'The end of a service',
  '/reopenings': 'That a service goes on',
};
const OF: Record<string, Record<string, string>> = {
  batches: { '': 'A batch that was lit', ...OF_POTS },
  keepings: OF_KEPT,
  lots: OF_LOTS,
  services: OF_SERVICES,
};

/** What an entry is, in words. */
export function nameOf({ path }: Pick<Entry, 'path'>): string {
  const [, , family = '', first, second] = path.split('/');
  const kind = second ?? first;
  return OF[family]?.[kind ? `/${kind}` : ''] ?? 'An entry';
}
