import type { HeatingChoice, KitchenView, Lid, OvenView, Way } from '../api/client';
import { parseQuantity, show, type Units } from '../quantities';

/** Words for heat and lid, the same wherever they are chosen or read. */
export const WAYS: readonly { value: Way; text: string }[] = [
  { value: 'BARE', text: 'bare' },
  { value: 'GENTLE', text: 'gentle' },
  { value: 'LIVELY', text: 'lively' },
  { value: 'ROLLING', text: 'rolling' },
  { value: 'BURNER', text: 'burner set' },
  { value: 'OVEN', text: 'oven' },
];
export const LIDS: readonly { value: Lid; text: string }[] = [
  { value: 'OFF', text: 'off' },
  { value: 'AJAR', text: 'ajar' },
  { value: 'ON', text: 'on' },
];

export function heatInWords(heating: HeatingChoice, units: Units): string {
  if (heating.way === 'BURNER')
    return `burner at ${Math.round((heating.burnerShare ?? 0) * 100)} %`;
  if (heating.way === 'OVEN')
    return `oven ${show.text(show.temperature(heating.ovenCelsius ?? 0, units, 0))}${heating.fan ? ', fan' : ''}`;
  return heating.way.toLowerCase();
}

/** What is typed and chosen of the heat, raw. */
export interface HeatForm {
  way: Way;
  burner: string;
  oven: string;
  ovenId: string;
  fan: boolean;
}

/** The oven that is chosen, or the first while none is. */
export const ovenOf = (ovens: OvenView[], id: string): OvenView | undefined =>
  ovens.find((o) => o.id === id) ?? ovens[0];

/** A temperature for its field, in the kitchen's own degrees. */
export const degreesText = (celsius: number, units: Units): string =>
  units === 'US' ? `${show.plain(celsius * 1.8 + 32)} °F` : `${show.plain(celsius)} °C`;

/** The heat that is meant, or what is wrong with its number. */
export function heatingOf(
  form: HeatForm,
  { ovens }: Pick<KitchenView, 'ovens'>,
): { heating?: HeatingChoice; fault?: string } {
  if (form.way === 'BURNER') {
    const share = parseQuantity(form.burner, 'SHARE', '%');
    return share.outcome === 'understood'
      ? { heating: { way: form.way, burnerShare: share.value, fan: false } }
      : { fault: share.message };
  }
  if (form.way === 'OVEN') {
    const air = parseQuantity(form.oven, 'TEMPERATURE', 'c');
    const oven = ovenOf(ovens, form.ovenId);
    return air.outcome === 'understood'
      ? {
          heating: {
            way: form.way,
            ovenCelsius: air.value,
            fan: form.fan && oven?.fan !== false,
            ...(oven ? { ovenId: oven.id } : {}),
          },
        }
      : { fault: air.message };
  }
  return { heating: { way: form.way, fan: false } };
}
