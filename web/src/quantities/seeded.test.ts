import { expect, it } from 'vitest';
import { parseQuantity, type Understanding } from './parse';
import type { Kind } from './units';

// The generator and the checksum of the units module's test, word for word: both parsers agree on
// ten thousand texts, one half well formed and one half spoilt by a stroke.
const TEXTS = 10_000;
const CHECKSUM = 3034593488;
const POUND = 0.45359237;
const CUP = 236.5882365e-6;
const KINDS: { kind: Kind; own: string; units: string[]; worth: number[] }[] = [
  {
    kind: 'MASS',
    own: 'g',
    units: ['g', 'kg', 'lb', 'oz', 'ounces', 'pounds', 'grams', ''],
    worth: [1e-3, 1, POUND, POUND / 16, POUND / 16, POUND, 1e-3, 1e-3],
  },
  {
    kind: 'VOLUME',
    own: 'ml',
    units: ['ml', 'l', 'cups', 'tbsp', 'tsp', ''],
    worth: [1e-6, 1e-3, CUP, CUP / 16, CUP / 48, 1e-6],
  },
  {
    kind: 'LENGTH',
    own: 'mm',
    units: ['mm', 'cm', 'm', 'in', 'ft', ''],
    worth: [1e-3, 1e-2, 1, 0.0254, 0.3048, 1e-3],
  },
  { kind: 'DURATION', own: 'min', units: ['s', 'min', 'h', ''], worth: [1, 60, 3600, 60] },
];
const SPOILERS = '0123456789.,/x +-gkz½%';

function seeded() {
  let state = 20261125n;
  return (bound: number): number => {
    state = (1664525n * state + 1013904223n) & 0xffffffffn;
    return Number((state >> 8n) % BigInt(bound));
  };
}

function amountOf(below: (bound: number) => number, whole: number): [string, number] {
  const kind = below(4);
  if (kind === 0) return [`${whole}`, whole];
  if (kind === 1) {
    const tenths = below(10);
    return [`${whole}${below(2) === 0 ? '.' : ','}${tenths}`, whole + tenths / 10];
  }
  if (kind === 2) {
    const under = 2 + below(7);
    return [`${whole} 1/${under}`, whole + 1 / under];
  }
  return [`${whole}½`, whole + 0.5];
}

interface Text {
  kind: Kind;
  own: string;
  text: string;
  value: number;
}

function wellFormed(below: (bound: number) => number): Text {
  const { kind, own, units, worth } = KINDS[below(KINDS.length)] as (typeof KINDS)[number];
  const unit = below(units.length);
  const whole = below(400);
  const [amount, value] = amountOf(below, whole);
  const between = below(2) === 0 ? ' ' : '';
  const times = kind === 'MASS' && below(5) === 0 ? 2 + below(8) : 1;
  return {
    kind,
    own,
    text: `${times === 1 ? '' : `${times} x `}${amount}${between}${units[unit] ?? ''}`,
    value: times * value * (worth[unit] ?? 0),
  };
}

function spoilt(text: string, below: (bound: number) => number): string {
  const at = below(text.length + 1);
  if (below(3) === 0 && at < text.length) return text.slice(0, at) + text.slice(at + 1);
  return text.slice(0, at) + (SPOILERS[below(SPOILERS.length)] ?? '') + text.slice(at);
}

const outcomeOf = (read: Understanding): string =>
  read.outcome === 'understood' ? String(Math.round(read.value * 1e8)) : read.outcome;

function crc32(parts: string[]): number {
  let crc = 0xffffffff;
  for (const c of parts.join('')) {
    crc ^= c.charCodeAt(0);
    for (let bit = 0; bit < 8; bit++) crc = (crc >>> 1) ^ (crc & 1 ? 0xedb88320 : 0);
  }
  return (crc ^ 0xffffffff) >>> 0;
}

it('reads ten thousand texts rightly or sends them back, as the other parser does', () => {
  const below = seeded();
  const outcomes: string[] = [];
  for (let i = 0; i < TEXTS; i++) {
    const { kind, own, text, value } = wellFormed(below);
    const read = parseQuantity(i % 2 === 0 ? text : spoilt(text, below), kind, own);
    if (i % 2 === 0) {
      expect(read.outcome, text).toBe('understood');
      if (read.outcome === 'understood')
        expect(Math.abs(read.value - value), text).toBeLessThanOrEqual(1e-9 * Math.max(1, value));
    }
    outcomes.push(outcomeOf(read));
  }
  expect(outcomes.filter((o) => o === 'refuse' || o === 'ask').length).toBeGreaterThan(TEXTS / 8);
  expect(crc32(outcomes)).toBe(CHECKSUM);
});
