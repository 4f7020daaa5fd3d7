import { show, withUnit, type Units } from '../../quantities';

/** An inside size: centimetres, or sixteenths of an inch. */
export const length = (meters: number, units: Units) =>
  units === 'US' ? show.text(show.depth(meters, units)) : `${Math.round(meters * 1000) / 10} cm`;

const METERS_PER_INCH = 0.0254;

/** An inside size for its field: as it was typed, else exactly, in the kitchen's own unit. */
export const sizeText = (text: string, meters: number, units: Units): string =>
  withUnit(text, 'cm') ||
  (units === 'US'
    ? `${show.plain(meters / METERS_PER_INCH)} in`
    : `${show.plain(Math.round(meters * 10000) / 100)} cm`);
