import { show } from '../../../quantities';

const DAY_S = 86_400;

/** So long before the plates, on the clock where their hour is known: 18:02, else 28 min before. */
export function before(seconds: number, served: string | undefined): string {
  if (!served) return seconds <= 0 ? 'with the plates' : `${short(seconds)} before`;
  const [hours = 0, minutes = 0] = served.split(':').map(Number);
  const at = (hours * 3600 + minutes * 60 - Math.round(seconds / 60) * 60 + DAY_S) % DAY_S;
  const pad = (n: number) => String(n).padStart(2, '0');
  return show.clock(`${pad(Math.floor(at / 3600))}:${pad(Math.floor((at % 3600) / 60))}`);
}

/** Minutes and seconds, as they are counted at the stove: 40 s, 2 min 30, 1 h 05. */
export function short(seconds: number): string {
  const whole = Math.round(seconds / 5) * 5;
  if (whole < 60) return `${whole} s`;
  if (whole >= 900) return show.text(show.span(whole));
  const rest = whole % 60;
  return rest ? `${Math.floor(whole / 60)} min ${rest}` : `${whole / 60} min`;
}
