import { show, type Units } from '../../quantities';

/** An inside size: centimetres, or sixteenths of an inch. */
export const length = (meters: number, units: Units) =>
  units === 'US' ? show.text(show.depth(meters, units)) : `${Math.round(meters * 1000) / 10} cm`;
