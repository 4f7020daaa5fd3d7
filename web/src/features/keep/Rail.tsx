import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import type { KeepingView, KitchenView } from '../../api/client';
import { show } from '../../quantities';
import { ShowWorking } from '../../ui/ShowWorking';
import { Row } from '../../ui/layout';
import { Text, type Tone } from '../../ui/text';
import { RailPicture } from './RailPicture';
import { RailRow } from './keep.styles';
import { how, says } from './keeping';
import { topUp, type Says } from './words';

const TONES: Record<Says['tone'], Tone> = {
  good: 'good',
  wait: 'warn',
  alarm: 'alarm',
  cold: 'cold',
};

interface Props {
  keeping: KeepingView;
  kitchen: KitchenView;
  now: number;
  inForce: string | undefined;
  acts: ReactNode;
  record: ReactNode;
  below?: ReactNode;
}

/** One thing kept: what and how, its rail, and what it asks for. */
export function Rail({ keeping, kitchen, now, inForce, acts, record, below }: Props) {
  const { units, zone } = kitchen.settings;
  const said = says(keeping, now, zone, units);
  return (
    <RailRow aria-label={keeping.name}>
      <What keeping={keeping} kitchen={kitchen} inForce={inForce} />
      <RailPicture keeping={keeping} kitchen={kitchen} now={now} alarm={said?.tone === 'alarm'} />
      <Asks keeping={keeping} kitchen={kitchen} now={now} said={said} />
      <Row align="center" wrap sx={{ gridColumn: '1 / -1', mt: 0.5 }}>
        {acts}
        {record}
      </Row>
      {below && <Box sx={{ gridColumn: '1 / -1', mt: 0.75 }}>{below}</Box>}
    </RailRow>
  );
}

/** What is kept, how it stands, and by which rules. */
function What({ keeping, kitchen, inForce }: Pick<Props, 'keeping' | 'kitchen' | 'inForce'>) {
  const { units, zone } = kitchen.settings;
  const mass =
    keeping.massKilograms === undefined
      ? ''
      : `${show.text(show.mass(keeping.massKilograms, units))}: `;
  return (
    <Box sx={{ minWidth: 0 }}>
      <Text component="h2" size="lead" bold long>
        {keeping.name}
      </Text>
      <Text tone="muted" size="note">
        {mass}
        {how(keeping, units)}, since {show.hour(keeping.startedAt, zone)}
      </Text>
      <Text
        component="a"
        href={`/api/keepings/${keeping.id}/record.pdf`}
        target="_blank"
        rel="noreferrer"
        tone="muted"
        size="small"
      >
        record to print
      </Text>
      {keeping.ruleSetName !== inForce && (
        <Text tone="muted" size="small">
          by {keeping.ruleSetName}, which was in force then
        </Text>
      )}
    </Box>
  );
}

/** What it asks for, and how that is known. */
function Asks({
  keeping,
  kitchen,
  now,
  said,
}: Pick<Props, 'keeping' | 'kitchen' | 'now'> & { said: Says | undefined }) {
  const { units, zone } = kitchen.settings;
  const { cooling, hold } = keeping;
  const working = (cooling ?? hold)?.workings[0];
  return (
    <Box sx={{ textAlign: { md: 'right' }, minWidth: 0 }}>
      {said && (
        <>
          <Text size="figure" figures tone={TONES[said.tone]}>
            {said.figure}
          </Text>
          <Text tone="muted" size="small">
            {said.words}
          </Text>
        </>
      )}
      {hold && <Text size="small">{topUp(hold, now, zone, units)}</Text>}
      {working && <ShowWorking working={working} title={keeping.name} />}
    </Box>
  );
}
