import { Box, Typography, useMediaQuery } from '@mui/material';
import { useTheme } from '@mui/material/styles';
import { scaleLinear } from 'd3-scale';
import { memo, type ReactNode } from 'react';
import type { TasteView } from '../api/client';
import { columns, sizes } from '../theme/tokens';

/** What a dose would do to one string. */
export interface BeadTick {
  taste: TasteView['taste'];
  name: string;
  value: number;
}

/** In units of the drawing: on a phone it is drawn narrower, so that the words stay large. */
const WIDTH = { desk: 560, phone: 350, compact: 250 };
const EDGE = 14;
/** Words nearer than this would run into each other. */
const APART = 74;
const APART_COMPACT = 48;
const NAMES: Record<TasteView['taste'], { name: string; unit: string; digits: number }> = {
  SALT: { name: 'Salt', unit: '%', digits: 2 },
  ACID: { name: 'Acid', unit: '%', digits: 2 },
  SWEET: { name: 'Sweet', unit: '%', digits: 1 },
  SAVOURY: { name: 'Savoury', unit: '', digits: 1 },
  FAT: { name: 'Fat', unit: '%', digits: 1 },
};
export const beadText = (bead: TasteView['taste'], value: number): string =>
  `${value.toFixed(NAMES[bead].digits)} ${NAMES[bead].unit}`.trim();

/** Where a bead hangs in words: in its band, below it or past it. */
const standing = ({ low, high }: TasteView, value: number): string =>
  value < low ? 'below the band' : value > high ? 'past the band' : 'in the band';

interface Props {
  beads: TasteView[];
  ticks?: BeadTick[];
  notes?: Partial<Record<TasteView['taste'], ReactNode>>;
  compact?: boolean;
}

/** Five strings: the band that the style likes, a bead for now, a hollow one for when all has happened, ticks for doses. */
export const Beads = memo(function Beads({
  beads,
  ticks = [],
  notes = {},
  compact = false,
}: Props) {
  return (
    <Box
      component="ul"
      aria-label="Balance"
      sx={{
        listStyle: 'none',
        m: 0,
        p: 0,
        display: 'flex',
        flexDirection: 'column',
        gap: compact ? 0.25 : 0.5,
      }}
    >
      {beads.map((b) => (
        <Box
          component="li"
          key={b.taste}
          sx={{
            display: 'grid',
            gridTemplateColumns: compact ? columns.beadsCompact : columns.beads,
            alignItems: 'center',
            columnGap: 1.5,
          }}
        >
          <Box>
            <Typography
              component="p"
              sx={{ fontWeight: 700, fontSize: compact ? sizes.note : sizes.lead, lineHeight: 1.1 }}
            >
              {NAMES[b.taste].name}
            </Typography>
            {notes[b.taste] && (
              <Box sx={{ fontSize: sizes.small, color: 'text.secondary', lineHeight: 1.25 }}>
                {notes[b.taste]}
              </Box>
            )}
          </Box>
          <Thread bead={b} ticks={ticks.filter((t) => t.taste === b.taste)} compact={compact} />
        </Box>
      ))}
    </Box>
  );
});

function Thread({
  bead,
  ticks,
  compact,
}: {
  bead: TasteView;
  ticks: BeadTick[];
  compact: boolean;
}) {
  const theme = useTheme();
  const p = theme.vars.palette;
  const phone = useMediaQuery(theme.breakpoints.down('sm'));
  const width = compact ? WIDTH.compact : phone ? WIDTH.phone : WIDTH.desk;
  const { low, high, now, after } = bead;
  const values = [now, after, high, ...ticks.map((t) => t.value)];
  const top = Math.max(...values);
  const x = scaleLinear(
    [Math.min(0.4 * low, 0.8 * now, 0.8 * after), top + 0.18 * (top - low || 1)],
    [EDGE, width - EDGE],
  );
  const height = compact ? 44 : 62;
  const y = compact ? 16 : 30;
  const inBand = after >= low && after <= high;
  const colour = inBand ? p.success.main : p.error.main;
  const shown = apart(ticks, x);
  const near = Math.abs(x(now) - x(after)) < (compact ? APART_COMPACT : APART);
  const nowLeft = x(now) <= x(after);
  const said = `${NAMES[bead.taste].name}: ${beadText(bead.taste, now)} now, ${beadText(bead.taste, after)} on the table, ${standing(bead, after)} of ${low} to ${high}${shown.map((t) => `; ${t.name} ${beadText(bead.taste, t.value)}`).join('')}`;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={said}
      width="100%"
      style={{ display: 'block', maxWidth: compact ? 1.2 * width : undefined }}
    >
      <rect
        x={x(low)}
        y={y - 9}
        width={Math.max(4, x(high) - x(low))}
        height={18}
        rx={9}
        fill={p.kitchen.basilSoft}
      />
      <line x1={0} x2={width} y1={y} y2={y} stroke={p.kitchen.steel} strokeWidth={1.5} />
      <line
        x1={x(now)}
        x2={x(after)}
        y1={y}
        y2={y}
        stroke={p.text.primary}
        strokeWidth={3}
        strokeDasharray="2 3"
      />
      <circle
        cx={x(now)}
        cy={y}
        r={compact ? 7 : 10}
        fill={p.text.primary}
        stroke={p.background.paper}
        strokeWidth={2}
      />
      <circle
        cx={x(after)}
        cy={y}
        r={compact ? 7 : 9}
        fill={p.background.paper}
        stroke={colour}
        strokeWidth={3.5}
      />
      <text
        x={x(now)}
        y={y + 26}
        textAnchor={near ? (nowLeft ? 'end' : 'start') : 'middle'}
        dx={near ? (nowLeft ? 6 : -6) : 0}
        fontSize={13}
        fontWeight={600}
        fill={p.text.primary}
      >
        {beadText(bead.taste, now)}
      </text>
      <text
        x={x(after)}
        y={y + 26}
        textAnchor={near ? (nowLeft ? 'start' : 'end') : 'middle'}
        dx={near ? (nowLeft ? 12 : -12) : 0}
        fontSize={13}
        fontWeight={700}
        fill={colour}
      >
        {beadText(bead.taste, after)}
      </text>
      {!compact &&
        shown.map((t) => (
          <g key={t.name}>
            <path d={`M${x(t.value) - 5} ${y - 17}h10l-5 7z`} fill={p.warning.main} />
            <text
              x={x(t.value)}
              y={y - 21}
              textAnchor="middle"
              fontSize={12}
              fontWeight={600}
              fill={p.warning.main}
            >
              {t.name}
            </text>
          </g>
        ))}
    </svg>
  );
}

/** The first of those that would run into each other. */
function apart(ticks: BeadTick[], x: (value: number) => number): BeadTick[] {
  const kept: BeadTick[] = [];
  for (const t of ticks)
    if (kept.every((k) => Math.abs(x(k.value) - x(t.value)) >= APART)) kept.push(t);
  return kept;
}
