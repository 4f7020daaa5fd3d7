import { balanceOf } from '../../api/balance';
import type { BalanceRequest, Fault, KitchenView } from '../../api/client';
import { measuresOf } from '../../api/kitchen';
import { parseQuantity, type Kind } from '../../quantities';
import { useKept } from '../../ui/useKept';

/** So much of an ingredient, as typed. */
export interface AmountText {
  ingredientId: string;
  text: string;
}
/** A cup as it is put together: what it stands for in the pot, and what was tasted. */
export interface CupText {
  key: string;
  doses: { ingredientId: string; name: string; massKilograms: number }[];
  note: string;
}
/** What is typed and chosen for one pot, raw, so that nothing typed is lost. */
export interface BalanceForm {
  pH: string;
  brix: string;
  sharper: number;
  plate: AmountText[];
  portion: string;
  saltId: string;
  fault: Fault;
  steps: number;
  finish: AmountText;
  cup: string;
  tasters: string;
  cups: CupText[];
  chosen?: string | undefined;
  ready: CupText['doses'];
}
export type Faults = Record<string, string>;
export type Which = Parameters<typeof balanceOf>[0];

const AS_IT_IS: CupText = { key: 'as-it-is', doses: [], note: '' };
/** As nobody has typed anything yet. */
export const FIRST: BalanceForm = {
  pH: '',
  brix: '',
  sharper: 0,
  plate: [],
  portion: '',
  saltId: 'table-salt',
  fault: 'SHARP',
  steps: 1,
  finish: { ingredientId: '', text: '' },
  cup: '150 g',
  tasters: '3',
  cups: [AS_IT_IS],
  ready: [],
};
/** Acidity is read to a hundredth; sauces lie well within. */
const PH = { from: 3, to: 7 };

const MOST_TASTERS = 200;

/** The form of one pot, kept over reloads. */
export function useBalanceForm(pot: string) {
  const { values, change } = useKept<BalanceForm>(FIRST, `balance ${pot}`);
  return { form: values, change };
}

/** A pH as typed. */
export function parsePH(text: string): number | string {
  const value = Number(text.replace(',', '.'));
  if (Number.isFinite(value) && value >= PH.from && value <= PH.to) return value;
  return `A pH of a sauce lies between ${PH.from} and ${PH.to}: type it like 4.25.`;
}

type Read = (
  field: string,
  text: string,
  kind: Kind,
  own: string,
  ingredientId?: string,
) => number | undefined;

/** Reads a field; what is not understood is noted. */
const reader =
  (faults: Faults, kitchen: KitchenView): Read =>
  (field, text, kind, own, ingredientId) => {
    if (text.trim() === '') return undefined;
    const understood = parseQuantity(text, kind, own, measuresOf(kitchen, ingredientId));
    if (understood.outcome === 'understood') return understood.value;
    faults[field] = understood.message;
    return undefined;
  };

function measuredIn(form: BalanceForm, read: Read, faults: Faults): BalanceRequest['measured'] {
  const pH = form.pH.trim() === '' ? undefined : parsePH(form.pH);
  if (typeof pH === 'string') faults['pH'] = pH;
  const brix = read('brix', form.brix, 'SHARE', '%');
  return {
    sharper: form.sharper,
    ...(typeof pH === 'number' ? { pH } : {}),
    ...(brix === undefined ? {} : { brixFraction: brix }),
  };
}

function cupsIn(form: BalanceForm, read: Read): Pick<BalanceRequest, 'cups'> {
  const cup = read('cup', form.cup, 'MASS', 'g');
  if (cup === undefined) return {};
  const cups = form.cups.map((c) =>
    c.doses.map(({ ingredientId, massKilograms }) => ({ ingredientId, massKilograms })),
  );
  return { cups: { cupKilograms: cup, cups } };
}

/** What was typed as a request: what is not understood is left out and said beside its field. */
export function understand(
  form: BalanceForm,
  which: Which,
  kitchen: KitchenView,
): { request: BalanceRequest; faults: Faults } {
  const faults: Faults = {};
  const read = reader(faults, kitchen);
  const { ingredientId, text } = form.finish;
  const portion = read('portion', form.portion, 'MASS', 'g');
  const finish = ingredientId ? read('finish', text, 'MASS', 'g', ingredientId) : undefined;
  if (!/^\d{1,3}$/.test(form.tasters.trim()) || Number(form.tasters) > MOST_TASTERS)
    faults['tasters'] = `Type how many tasted, 0 to ${MOST_TASTERS}.`;
  const plate = form.plate.flatMap((line, i) => {
    const massKilograms = read(`plate.${i}`, line.text, 'MASS', 'g', line.ingredientId);
    return massKilograms === undefined ? [] : [{ ingredientId: line.ingredientId, massKilograms }];
  });
  const request: BalanceRequest = {
    ...balanceOf(which),
    measured: measuredIn(form, read, faults),
    plate,
    saltId: form.saltId,
    fault: form.fault,
    steps: form.steps,
    ...(portion === undefined ? {} : { portionKilograms: portion }),
    ...(finish === undefined ? {} : { finish: { ingredientId, massKilograms: finish } }),
    ...cupsIn(form, read),
  };
  return { request, faults };
}

/** Fields of the screen by what the server calls them. */
const POINTERS: Record<string, string> = {
  pH: '/measured/pH',
  brix: '/measured/brixFraction',
  portion: '/portionKilograms',
  finish: '/finish/massKilograms',
  cup: '/cups/cupKilograms',
};
export const pointerOf = (field: string): string =>
  POINTERS[field] ?? `/${field.replace('.', '/')}/massKilograms`;
