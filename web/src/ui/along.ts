import type { CurvePoint } from '../api/client';

/** Often enough for a pot that changes over hours. */
export const TICK_MS = 5_000;

/** The point of a drawn curve at a moment, in a straight line between its samples. */
export function along(curve: CurvePoint[], at: number): CurvePoint | undefined {
  const next = curve.findIndex((c) => new Date(c.at).getTime() >= at);
  if (next === 0) return curve[0];
  const a = curve[next - 1];
  const b = curve[next];
  if (!a || !b) return curve.at(-1);
  const from = new Date(a.at).getTime();
  const share = (at - from) / (new Date(b.at).getTime() - from || 1);
  const mix = (x: number, y: number) => x + share * (y - x);
  return {
    at: new Date(at).toISOString(),
    massKilograms: mix(a.massKilograms, b.massKilograms),
    depthMeters: mix(a.depthMeters, b.depthMeters),
    solidsFraction: mix(a.solidsFraction, b.solidsFraction),
    temperatureCelsius: mix(a.temperatureCelsius, b.temperatureCelsius),
  };
}
