import type { BatchView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { heatInWords } from '../../ui/heat';

/** One thing that is told of every batch. */
export interface Fact {
  label: string;
  cells: string[];
}

const SECOND_MS = 1000;

const simmered = (b: BatchView): string =>
  b.end
    ? show.text(
        show.span((Date.parse(b.end.endedAt) - Date.parse(b.forecast.simmerStartedAt)) / SECOND_MS),
      )
    : 'still on';

/** What is told of batches beside each other. */
export function facts(batches: BatchView[], units: Units): Fact[] {
  const mass = (kilograms: number) => show.text(show.mass(kilograms, units));
  const each = (label: string, cell: (b: BatchView) => string): Fact => ({
    label,
    cells: batches.map(cell),
  });
  return [
    each('pot and burner', (b) => `${b.pot.vessel.name} on ${b.pot.heatSourceName}`),
    each(
      'heat and lid',
      (b) => `${heatInWords(b.pot.heating, units)}, lid ${b.pot.lid.toLowerCase()}`,
    ),
    each('simmered', simmered),
    each('came out', (b) =>
      b.end?.finalMassKilograms === undefined ? 'not weighed' : mass(b.end.finalMassKilograms),
    ),
    each('planned to come out', (b) => mass(b.planned.endMassKilograms)),
    each('solids at the end', (b) =>
      show.text(show.percent(b.end?.reachedSolidsFraction ?? b.forecast.equivalentSolidsFraction)),
    ),
    each(
      'this pot’s rate',
      (b) => `× ${show.fixed(b.forecast.evaporationFactor, 2)}, ${b.forecast.readings} readings`,
    ),
    each('to remember', (b) => b.end?.note ?? ''),
  ];
}

/** What is the same of all batches, and what tells them apart. */
export function told(all: Fact[]): { same: Fact[]; different: Fact[] } {
  const isSame = ({ cells }: Fact) =>
    cells.length > 1 && cells[0] !== '' && cells.every((c) => c === cells[0]);
  return { same: all.filter(isSame), different: all.filter((f) => !isSame(f)) };
}
