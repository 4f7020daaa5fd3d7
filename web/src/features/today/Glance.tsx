import type { KeepingView, LotView, OnStove } from '../../api/client';
import { fillOf } from '../../api/lots';
import { Tub } from '../../ui/Tub';
import { Urn } from '../../ui/Urn';
import { along } from '../../ui/along';
import { Column, Row } from '../../ui/layout';
import { shareOfWidest, drawnWidthOf, widestOf } from '../../ui/scale';
import { Text } from '../../ui/text';
import { GlanceLink, UrnBox } from './today.styles';

interface Props {
  batches: OnStove[];
  keepings: KeepingView[];
  lots: LotView[];
  now: number;
}
const MOST_TUBS = 12;
/** From so few tubs of a kind on it is said that they run out. */
const LAST = 2;

/** How much of everything there is, and the last tubs of a kind. */
export function Glance({ batches, keepings, lots, now }: Props) {
  const tubs = lots.reduce((sum, l) => sum + l.tubs, 0);
  const last = runningOut(lots);
  return (
    <Column aria-label="At a glance" as="section" gap={1.5}>
      <GlanceLink to="/pots">
        <Text bold>{batches.length} on the stove</Text>
        <Stove batches={batches} now={now} />
      </GlanceLink>
      <GlanceLink to="/keep">
        <Text bold>{keptWords(keepings)}</Text>
      </GlanceLink>
      <GlanceLink to="/keep">
        <Text bold>
          {tubs} {tubs === 1 ? 'tub' : 'tubs'}
        </Text>
        <Row gap={0} wrap>
          {lots.slice(0, MOST_TUBS).map((l) => (
            <Tub
              key={l.id}
              frozen={l.state === 'FROZEN'}
              due={l.daysLeft <= 1 && l.state === 'CHILLED'}
              fill={fillOf(l)}
            />
          ))}
        </Row>
      </GlanceLink>
      {last.length > 0 && <Text size="note">Running out: {last.join('; ')}.</Text>}
    </Column>
  );
}

/** Every pot in its own shape, as full as it is now, with the level that it wants; all to one scale. */
function Stove({ batches, now }: { batches: OnStove[]; now: number }) {
  const widest = widestOf(batches.map((b) => b.pot.vessel));
  return (
    <Row align="end" wrap>
      {batches.map((b) => {
        const simmers = Date.parse(b.simmerStartedAt) <= now;
        const here = simmers ? along(b.likely, now) : undefined;
        const wanted = b.thickAt ? b.likely.at(-1)?.depthMeters : undefined;
        return (
          <UrnBox key={b.id} style={{ width: `${shareOfWidest(b.pot.vessel, widest) * 40}%` }}>
            <Urn
              small
              shape={b.pot.vessel}
              drawnWidth={drawnWidthOf(b.pot.vessel, widest)}
              fillMeters={here?.depthMeters ?? 0}
              thickness={here?.solidsFraction ?? 0}
              title={b.name}
              levels={
                wanted === undefined ? [] : [{ kind: 'wanted', depthMeters: wanted, label: '' }]
              }
            />
          </UrnBox>
        );
      })}
    </Row>
  );
}

function keptWords(keepings: KeepingView[]): string {
  const held = keepings.filter((k) => k.hold).length;
  const cooling = keepings.filter((k) => k.cooling).length;
  const out = keepings.filter((k) => k.setOut).length;
  return `${held} held hot, ${cooling} cooling${out > 0 ? `, ${out} left out` : ''}`;
}

function runningOut(lots: LotView[]): string[] {
  const kinds = new Map<string, { name: string; tubs: number }>();
  for (const l of lots) {
    const before = kinds.get(l.formulaId)?.tubs ?? 0;
    kinds.set(l.formulaId, { name: l.name, tubs: before + l.tubs });
  }
  return [...kinds.values()]
    .filter((k) => k.tubs <= LAST)
    .map((k) => `${k.name}, ${k.tubs} ${k.tubs === 1 ? 'tub' : 'tubs'}`);
}
