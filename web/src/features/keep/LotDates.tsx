import { Button } from '@mui/material';
import type { KitchenView, LotView } from '../../api/client';
import { show } from '../../quantities';
import { Declaration } from '../../ui/Declaration';
import { ShowWorking } from '../../ui/ShowWorking';
import { Column, Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { CheckLabels } from './CheckLabels';
import type { LotSheet } from './LotPage';
import { dayOf, longTime } from './lotWords';

interface Props {
  lot: LotView;
  kitchen: KitchenView;
  late: boolean;
  onOpen: (sheet: LotSheet) => void;
}

/** Until when it is good, how it freezes, thaws and is reheated, and what is in it. */
export function LotDates({ lot, kitchen, late, onOpen }: Props) {
  const until = lot.useBy
    ? `use by ${dayOf(lot.useBy)}`
    : lot.bestUntil
      ? `best until ${dayOf(lot.bestUntil)}`
      : '';
  return (
    <Column as="section" aria-label="Dates">
      <Text tone={late ? 'alarm' : 'ink'} size="large" figures>
        {until}
      </Text>
      <Text>
        Made {dayOf(lot.madeOn)}
        {lot.frozenOn ? `, frozen ${dayOf(lot.frozenOn)}` : ''}
        {lot.thawedOn ? `, thawed from ${dayOf(lot.thawedOn)}` : ''}.{' '}
        {lot.state === 'FROZEN' ? `${lot.daysLeft} days are left for it once it thaws.` : ''}
      </Text>
      {lot.freezingSeconds > 0 && (
        <Text>
          A tub freezes through in about {longTime(lot.freezingSeconds)}.{' '}
          <Working lot={lot} figure="freezing" title="Freezing" />
        </Text>
      )}
      {lot.state === 'FROZEN' && <Thawing lot={lot} zone={kitchen.settings.zone} />}
      <Reheating lot={lot} kitchen={kitchen} />
      <Declaration of={lot.declaration} />
      {lot.checkLabels && <CheckLabels lot={lot} />}
      {lot.fitness !== 'WELL' && (
        <Text>
          {lot.fitness === 'BADLY' ? 'Freezes badly' : 'Freezes with care'}:{' '}
          {lot.fitnessSays.join('; ')}.
        </Text>
      )}
      {!lot.coolingRecorded && <Text tone="muted">How it was cooled is not recorded here.</Text>}
      {lot.state !== 'GONE' && (
        <Row wrap sx={{ mt: 1 }}>
          <Button variant="outlined" onClick={() => onOpen('move')}>
            {lot.state === 'FROZEN' ? 'Move or thaw' : 'Move or freeze'}
          </Button>
          <Button variant="outlined" onClick={() => onOpen('split')}>
            Part it in two
          </Button>
          {lot.state === 'FROZEN' && (
            <Button variant="outlined" onClick={() => onOpen('want')}>
              Wanted thawed
            </Button>
          )}
        </Row>
      )}
    </Column>
  );
}

function Thawing({ lot, zone }: { lot: LotView; zone: string }) {
  return (
    <Text>
      In the refrigerator a tub thaws through in about {longTime(lot.thawingSeconds)}; after a day
      it slides out and can be heated.
      {lot.moveBy
        ? ` Wanted ${show.day(lot.wantedAt ?? '', zone)}: move it by ${show.day(lot.moveBy, zone)}, ${show.hour(lot.moveBy, zone)}.`
        : ''}
    </Text>
  );
}

function Reheating({ lot, kitchen }: { lot: LotView; kitchen: KitchenView }) {
  const to = show.text(show.temperature(lot.reheatCelsius, kitchen.settings.units, 0));
  const lasts =
    lot.reheatSeconds > 0
      ? `: all of it in about ${show.text(show.span(lot.reheatSeconds))} in the ${lot.reheatOn}, stirred, lid on`
      : '';
  return (
    <Text>
      Reheated to {to} all through{lasts}.
      {lot.reheatInTime ? '' : ' That is longer than is allowed: less at a time.'}{' '}
      <Working lot={lot} figure="reheating" title="Reheating" />{' '}
      {lot.state === 'GONE'
        ? ''
        : `It is enough for about ${Math.floor(lot.plates)} plates of ${lot.platesOf}.`}
    </Text>
  );
}

function Working({ lot, figure, title }: { lot: LotView; figure: string; title: string }) {
  const working = lot.workings.find((w) => w.figure === figure);
  return working ? <ShowWorking working={working} title={title} /> : null;
}
