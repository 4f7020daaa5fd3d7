import { expect, it } from 'vitest';
import { lastWords, nextWords, parseHour } from './timeOfDay';

it.each([
  ['18:30', '18:30'],
  ['6:30pm', '18:30'],
  ['6 pm', '18:00'],
  ['12am', '00:00'],
  ['12pm', '12:00'],
  ['1830', '18:30'],
  ['18.30', '18:30'],
  ['2h05', '02:05'],
  ['02:00', '02:00'],
])('%s is %s', (text, hour) =>
  expect(parseHour(text)).toEqual({ outcome: 'understood', localTime: hour }),
);

it.each(['', '25:00', '18:75', '13pm', 'noonish', '7', '-3:00'])('refuses %s', (text) =>
  expect(parseHour(text).outcome).toBe('refuse'),
);

it('keeps a date', () =>
  expect(parseHour('2026-05-01 18:30')).toEqual({
    outcome: 'understood',
    localTime: '18:30',
    localDate: '2026-05-01',
  }));

it('says of an hour which one is meant', () => {
  const now = Date.parse('2026-03-02T15:00:00Z');
  expect(nextWords('18:30', 'Europe/Zurich', now)).toBe('18:30 today');
  expect(nextWords('12:00', 'Europe/Zurich', now)).toBe('12:00 tomorrow');
  expect(lastWords('12:00', 'Europe/Zurich', now)).toBe('12:00 today');
  expect(lastWords('18:30', 'Europe/Zurich', now)).toBe('18:30 yesterday');
});
