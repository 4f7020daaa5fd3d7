import type {
  BalanceView,
  TasteProfileView,
  CupDoseView,
  DoseView,
  RemedyView,
} from '../../api/client';
import { show, type Units } from '../../quantities';
import type { BeadTick } from '../../ui/Beads';

const percent = (share: number, digits: number): string => show.fixed(share * 100, digits);
const moved = (from: number, to: number, least: number): boolean =>
  Math.abs(to - from) >= least * Math.max(Math.abs(from), 1e-9);

/** What a dose does elsewhere, the strongest first, in a few words. */
export function effects(from: TasteProfileView, dose: DoseView, solids?: number): string {
  const to = dose.after;
  const all = [
    {
      by: Math.abs(to.pH - from.pH) * 10,
      words: `pH ${show.fixed(from.pH, 2)} → ${show.fixed(to.pH, 2)}`,
      told: Math.abs(to.pH - from.pH) >= 0.02,
    },
    {
      by: change(from.fatFraction, to.fatFraction),
      words: `fat ${percent(from.fatFraction, 1)} → ${percent(to.fatFraction, 1)} %`,
      told: moved(from.fatFraction, to.fatFraction, 0.05),
    },
    {
      by: change(from.sugarsFraction, to.sugarsFraction),
      words: `sugar ${percent(from.sugarsFraction, 1)} → ${percent(to.sugarsFraction, 1)} %`,
      told: moved(from.sugarsFraction, to.sugarsFraction, 0.05),
    },
    {
      by: change(from.sourFraction, to.sourFraction),
      words: `acid ${percent(from.sourFraction, 2)} → ${percent(to.sourFraction, 2)} %`,
      told: moved(from.sourFraction, to.sourFraction, 0.03),
    },
    {
      by: change(from.saltFraction, to.saltFraction),
      words: `salt ${percent(from.saltFraction, 2)} → ${percent(to.saltFraction, 2)} %`,
      told: moved(from.saltFraction, to.saltFraction, 0.03),
    },
    {
      by: change(from.savoury, to.savoury),
      words: `savoury ${show.fixed(from.savoury, 1)} → ${show.fixed(to.savoury, 1)}`,
      told: moved(from.savoury, to.savoury, 0.08),
    },
  ];
  const told = all
    .filter((e) => e.told)
    .sort((a, b) => b.by - a.by)
    .slice(0, 3)
    .map((e) => e.words);
  if (solids !== undefined && dose.solidsFraction < 0.98 * solids)
    told.push(`thinner: solids ${percent(solids, 1)} → ${percent(dose.solidsFraction, 1)} %`);
  if (dose.moreSodiumKilograms > 5e-5)
    told.push(`+ ${show.significant(dose.moreSodiumKilograms * 1000, 2)} g sodium`);
  if (dose.longerSeconds !== undefined && dose.longerSeconds >= 60)
    told.push(`${show.text(show.span(dose.longerSeconds))} longer`);
  if (dose.allergens.length > 0) told.push(`brings ${dose.allergens.join(', ')}`);
  return told.join(' · ');
}

const change = (from: number, to: number): number =>
  Math.abs(to - from) / Math.max(Math.abs(from), 1e-9);

/** What boiling on does to sharpness, for what it is. */
export function timeWords(balance: BalanceView, { time }: RemedyView): string {
  if (!time) return '';
  const to = time.reduced;
  const took =
    time.takesSeconds === undefined ? '' : `${show.text(show.span(time.takesSeconds))} more: `;
  if (time.waterKilograms < 0.005) return 'nothing more is to boil off';
  return `${took}acid ${percent(balance.now.sourFraction, 2)} → ${percent(to.sourFraction, 2)} %, sugar : acid ${show.fixed(balance.now.sugarToAcid, 1)} → ${show.fixed(to.sugarToAcid, 1)}`;
}

/** An ingredient in one word, where there is room for one: butter, soda, lemon. */
export function shortName(name: string): string {
  const words =
    name
      .toLowerCase()
      .split(/,| in /)[0]
      ?.split(' ')
      .filter((w) => w !== 'juice') ?? [];
  return words.at(-1) ?? '';
}

/** A dose is marked on no more strings than this: those that it moves most. */
const STRINGS = 2;
const MOVES = 0.05;

/** Ticks of the doses on the strings that each moves most; of the one that is looked at, on all. */
export function ticks(balance: BalanceView, lookedAt?: string): BeadTick[] {
  const from = balance.after;
  return balance.remedies.flatMap(({ dose, title }) => {
    const all = title === lookedAt;
    if (!dose || (lookedAt !== undefined && !all) || (!dose.reaches && !all)) return [];
    const on = (taste: BeadTick['taste'], was: number, is: number): BeadTick & { by: number } => ({
      taste,
      name: shortName(dose.name),
      value: is,
      by: change(was, is),
    });
    return [
      on('SALT', from.saltFraction * 100, dose.after.saltFraction * 100),
      on('ACID', from.sourFraction * 100, dose.after.sourFraction * 100),
      on('SWEET', from.sugarsFraction * 100, dose.after.sugarsFraction * 100),
      on('SAVOURY', from.savoury, dose.after.savoury),
      on('FAT', from.fatFraction * 100, dose.after.fatFraction * 100),
    ]
      .filter((t) => all || t.by > MOVES)
      .sort((a, b) => b.by - a.by)
      .slice(0, all ? undefined : STRINGS);
  });
}

const EIGHTHS: Record<string, string> = { '0.125': '⅛', '0.25': '¼', '0.5': '½', '0.75': '¾' };

/** A measure for a cup in a cook's words: ¾ tsp, 8 drops, 3 g. */
export function measureWords(d: CupDoseView): string {
  if (d.measure === 'GRAM') return `${d.count} g`;
  if (d.measure === 'DROP') return `${d.count} drops`;
  const whole = Math.floor(d.count);
  const rest = EIGHTHS[String(d.count - whole)] ?? '';
  return `${whole || ''}${rest} tsp`;
}

/** How a solution is made up, where a dose is measured in one. */
export const solutionWords = (d: CupDoseView): string =>
  d.solution === undefined ? '' : `of ${d.solution} g in 100 ml water`;

/** A dose for the pot, finer than a ladle: a pinch is told in tenths of a gram. */
export const doseText = (kilograms: number, units: Units): string =>
  kilograms < 0.1 && units === 'METRIC'
    ? `${show.significant(kilograms * 1000, kilograms < 0.01 ? 2 : 3)} g`
    : show.text(show.mass(kilograms, units));
