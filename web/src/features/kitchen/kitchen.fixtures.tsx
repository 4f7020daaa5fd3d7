import type { KitchenView } from '../../api/client';
import { kitchen as stove } from '../../test/stove';

/** A kitchen that says all about itself. */
export const kitchen = {
  ...stove,
  boilingPointCelsius: 92.1,
  settings: {
    id: 'k1',
    name: 'Hollow Lantern',
    altitudeMeters: 2350,
    altitudeText: '',
    roomCelsius: 20,
    relativeHumidity: 0.5,
    zone: 'Europe/Zurich',
    currency: 'EUR',
    units: 'METRIC',
    pint: 'US',
    hours: 'H24',
    decimalMark: 'POINT',
    scaleErrorKilograms: 0.02,
    scaleErrorText: '20 g',
    dipErrorMeters: 0.002,
    dipErrorText: '2 mm',
    probeErrorKelvins: 1,
    brixErrorFraction: 0.003,
    plateErrorMeters: 0.003,
    brothyBelowFraction: 0.07,
    looseBelowFraction: 0.09,
    coatingBelowFraction: 0.12,
    tightBelowFraction: 0.15,
    veryTightBelowFraction: 0.27,
    version: 7,
  },
} as unknown as KitchenView;
