import type { MealSheet } from '../../api/client';
import { parseHour, show } from '../../quantities';

type Cook = NonNullable<MealSheet['cooks']>[number];

/** Ada, Bo 16:00-19:00: whose hands there are, and from when until when. */
export const textOfCooks = (cooks: Cook[]): string =>
  cooks
    .map((c) => {
      const hours = [c.comesLocalTime, c.leavesLocalTime].map((h) => (h ? show.clock(h) : ''));
      return c.comesLocalTime || c.leavesLocalTime ? `${c.name} ${hours.join('-')}` : c.name;
    })
    .join(', ');

/** The cooks that are meant; what is wrong with them is put at /cooks. */
export function meantCooks(text: string, faults: Map<string, string>): Cook[] {
  const cooks = text
    .split(',')
    .map((one) => one.trim())
    .filter((one) => one !== '')
    .map((one) => cook(one, faults));
  if (new Set(cooks.map((c) => c.name)).size < cooks.length)
    faults.set('/cooks', 'Two cooks have one name: give each a letter.');
  return cooks;
}

function cook(text: string, faults: Map<string, string>): Cook {
  const [, name = text, comes = '', leaves = ''] =
    /^(.*\S)\s+(\S*\d\S*(?: ?[ap]m)?)?\s*[-–]\s*(\S*\d\S*(?: ?[ap]m)?)?$/i.exec(text) ?? [];
  return { name, ...hour('comesLocalTime', comes), ...hour('leavesLocalTime', leaves) };

  function hour(field: 'comesLocalTime' | 'leavesLocalTime', typed: string) {
    if (!typed) return {};
    const read = parseHour(typed);
    if (read.outcome === 'understood') return { [field]: read.localTime };
    faults.set('/cooks', `${name}: ${read.message}`);
    return {};
  }
}
