import type { HeatingChoice, Lid, Way } from '../api/client';

/** Words for heat and lid, the same wherever they are chosen or read. */
export const WAYS: readonly { value: Way; text: string }[] = [
  { value: 'BARE', text: 'bare' }, { value: 'GENTLE', text: 'gentle' }, { value: 'LIVELY', text: 'lively' }, { value: 'ROLLING', text: 'rolling' }, { value: 'BURNER', text: 'burner set' }, { value: 'OVEN', text: 'oven' },
];
export const LIDS: readonly { value: Lid; text: string }[] = [{ value: 'OFF', text: 'off' }, { value: 'AJAR', text: 'ajar' }, { value: 'ON', text: 'on' }];

export function heatInWords(heating: HeatingChoice): string {
  if (heating.way === 'BURNER') return `burner at ${Math.round((heating.burnerShare ?? 0) * 100)} %`;
  if (heating.way === 'OVEN') return `oven ${Math.round(heating.ovenCelsius ?? 0)} °C`;
  return heating.way.toLowerCase();
}
