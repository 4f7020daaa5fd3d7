import { expect, it } from 'vitest';
import { CHEESE, SHEETS, SPAGHETTI, STEAKS } from './beside.fixtures';
import { textOfBeside } from './besideText';
import { before, short } from './hours';
import { meantBeside } from './meantBeside';

it('reads back what it writes', () => {
  for (const one of [SPAGHETTI, STEAKS, SHEETS, CHEESE]) {
    const faults = new Map<string, string>();
    expect(meantBeside(textOfBeside(one, 0, 'METRIC'), '', faults, new Map())).toEqual(one);
    expect(faults.size).toBe(0);
  }
});

it('notes the field that is not understood', () => {
  const faults = new Map<string, string>();
  const text = textOfBeside(STEAKS, 0, 'METRIC');
  meantBeside(
    { ...text, covers: '2.5', ...(text.piece && { piece: { ...text.piece, thickness: 'thick' } }) },
    '/b',
    faults,
    new Map(),
  );
  expect([...faults.keys()]).toEqual(['/b/covers', '/b/piece/thicknessMeters']);
});

it('counts back from the plates, over midnight too', () => {
  expect(before(75, '18:30')).toBe('18:29');
  expect(before(3600, '00:30')).toBe('23:30');
  expect(before(90, undefined)).toBe('1 min 30 before');
  expect(short(38)).toBe('40 s');
  expect(short(3900)).toBe('1 h 05');
});
