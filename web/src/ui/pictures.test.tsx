import { ThemeProvider } from '@mui/material';
import { render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { expect, it } from 'vitest';
import { theme } from '../theme/theme';
import { Beads } from './Beads';
import { FallLine } from './FallLine';
import { Urn, type Level } from './Urn';

const draw = (picture: ReactNode) => render(<ThemeProvider theme={theme}>{picture}</ThemeProvider>);
const number = (element: Element | null | undefined, attribute: string) =>
  Number(element?.getAttribute(attribute));
const pot = {
  shape: 'ROUND' as const,
  firstWidthMeters: 0.36,
  secondWidthMeters: 0.36,
  depthMeters: 0.2,
};

it('draws the level to scale', () => {
  const { container } = draw(<Urn shape={pot} fillMeters={0.05} title="pot" drawnWidth={360} />);
  const fill = [...container.querySelectorAll('rect')].find((r) =>
    r.getAttribute('fill')?.startsWith('url'),
  );
  const rim = 8;
  expect(number(fill, 'y')).toBeCloseTo(rim + 200 - 50);
});

it('keeps the words of levels that lie close apart, in their order, and inside the picture', () => {
  const levels: Level[] = [
    { kind: 'start', depthMeters: 0.012, label: 'start' },
    { kind: 'now', depthMeters: 0.011, label: 'now' },
    { kind: 'wanted', depthMeters: 0.01, label: 'wanted' },
  ];
  draw(<Urn shape={pot} fillMeters={0.011} levels={levels} title="pot" />);
  const at = ['start', 'now', 'wanted'].map((word) => number(screen.getByText(word), 'y'));
  const height = Number(screen.getByRole('img').getAttribute('viewBox')?.split(' ')[3]);
  expect((at[1] ?? 0) - (at[0] ?? 0)).toBeGreaterThan(13);
  expect((at[2] ?? 0) - (at[1] ?? 0)).toBeGreaterThan(13);
  expect(at[2]).toBeLessThanOrEqual(height);
});

it('marks now, the serving hour, the target, and struck-out readings apart from others', () => {
  const point = (minute: number, mass: number) => ({
    at: `2026-03-02T17:${String(minute).padStart(2, '0')}:00Z`,
    massKilograms: mass,
    depthMeters: 0.05,
    solidsFraction: 0.1,
    temperatureCelsius: 90,
  });
  const fall = [point(0, 6), point(50, 4)];
  const { container } = draw(
    <FallLine
      likely={fall}
      early={fall}
      late={fall}
      targetKilograms={4}
      targetLabel="10.5 % solids"
      title="falls"
      hour={(at) => new Date(at).toISOString().slice(11, 16)}
      massText={(kg) => `${kg} kg`}
      nowAt={Date.parse('2026-03-02T17:20:00Z')}
      serveAt="2026-03-02T17:55:00Z"
      readings={[
        { at: '2026-03-02T17:10:00Z', kilograms: 5.6 },
        { at: '2026-03-02T17:15:00Z', kilograms: 3, struckOut: true },
      ]}
    />,
  );
  expect(screen.getByText('now')).toBeInTheDocument();
  expect(screen.getByText('serve')).toBeInTheDocument();
  expect(screen.getByText('10.5 % solids')).toBeInTheDocument();
  expect(container.querySelectorAll('[data-reading="counts"]')).toHaveLength(1);
  expect(container.querySelectorAll('[data-reading="struck out"]')).toHaveLength(1);
});

it('hangs the beads on one scale, says where they are, and leaves out words that would meet', () => {
  const acid = { taste: 'ACID' as const, now: 0.3, after: 0.52, low: 0.28, high: 0.48 };
  const ticks = [
    { taste: 'ACID' as const, name: 'soda', value: 0.4 },
    { taste: 'ACID' as const, name: 'cream', value: 0.41 },
    { taste: 'FAT' as const, name: 'butter', value: 8 },
  ];
  const { container } = draw(<Beads beads={[acid]} ticks={ticks} />);
  const hangs = (drop: string) =>
    Number(
      /^M([\d.]+)/.exec(
        container.querySelector(`[data-drop=${drop}]`)?.getAttribute('d') ?? '',
      )?.[1],
    );
  const [now, after] = [hangs('now'), hangs('after')];
  const trough = /^M([\d.]+).*H([\d.]+)/.exec(
    container.querySelector('[data-band]')?.getAttribute('d') ?? '',
  );
  const [left, right] = [Number(trough?.[1]), Number(trough?.[2])];
  expect(now).toBeGreaterThan(left);
  expect(now).toBeLessThan(right);
  expect(after).toBeGreaterThan(right);
  expect((after - now) / (right - left)).toBeCloseTo(0.22 / 0.2, 5);
  expect(screen.getByRole('img')).toHaveAccessibleName(
    'Acid: 0.30 % now, 0.52 % on the table, past the band of 0.28 to 0.48; soda 0.40 %; cream 0.41 %',
  );
  expect(screen.queryByText('cream')).toBeNull();
  expect([screen.getByText('0.28'), screen.getByText('0.48')]).toHaveLength(2);
});
