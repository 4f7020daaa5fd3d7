import { expect, it } from 'vitest';
import { parseQuantity, type Understanding } from './parse';

// The generator and the checksum of the units module's test, word for word: both parsers agree on
// ten thousand texts, one half well formed and one half spoilt by a stroke.
const TEXTS = 10_000;
const CHECKSUM = 69177024;
const UNITS = ['g', 'kg', 'lb', 'oz', 'ounces', 'pounds', 'grams', ''];
const KILOGRAMS = [1e-3, 1, 0.45359237, 0.45359237 / 16, 0.45359237 / 16, 0.45359237, 1e-3, 1e-3];
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

function wellFormed(below: (bound: number) => number): [string, number] {
  const unit = below(UNITS.length);
  const whole = below(400);
  const [amount, value] = amountOf(below, whole);
  const between = below(2) === 0 ? ' ' : '';
  const times = below(5) === 0 ? 2 + below(8) : 1;
  return [`${times === 1 ? '' : `${times} x `}${amount}${between}${UNITS[unit] ?? ''}`, times * value * (KILOGRAMS[unit] ?? 0)];
}

function spoilt(text: string, below: (bound: number) => number): string {
  const at = below(text.length + 1);
  if (below(3) === 0 && at < text.length) return text.slice(0, at) + text.slice(at + 1);
  return text.slice(0, at) + (SPOILERS[below(SPOILERS.length)] ?? '') + text.slice(at);
}

const outcomeOf = (read: Understanding): string => (read.outcome === 'understood' ? String(Math.round(read.value * 1e6)) : read.outcome);

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
    const [text, kilograms] = wellFormed(below);
    const read = parseQuantity(i % 2 === 0 ? text : spoilt(text, below), 'MASS', 'g');
    if (i % 2 === 0) {
      expect(read.outcome, text).toBe('understood');
      if (read.outcome === 'understood') expect(Math.abs(read.value - kilograms), text).toBeLessThanOrEqual(1e-9 * Math.max(1, kilograms));
    }
    outcomes.push(outcomeOf(read));
  }
  expect(outcomes.filter((o) => o === 'refuse' || o === 'ask').length).toBeGreaterThan(TEXTS / 8);
  expect(crc32(outcomes)).toBe(CHECKSUM);
});
