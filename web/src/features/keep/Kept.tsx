import { useState } from 'react';
import type { CoolingSetupChoice, KeepingView, KitchenView } from '../../api/client';
import { useWays } from '../../api/keeping';
import { show } from '../../quantities';
import { Text } from '../../ui/text';
import { Entries } from './Entries';
import { KeptActs } from './KeptActs';
import {
  CloseSheet,
  PlaceSheet,
  ReadSheet,
  ReheatSheet,
  TopUpSheet,
  type End,
} from './KeepingSheets';
import { Rail } from './Rail';
import { KeptItem } from './keep.styles';
import { wantsFaster } from './keeping';
import { wayOut } from './words';

/** The sheet that is open over something kept. */
export type OpenKept =
  | { sheet: 'read' | 'top-up' }
  | { sheet: 'place' | 'reheat'; offered?: CoolingSetupChoice }
  | { sheet: 'close'; first: End };

interface Props {
  keeping: KeepingView;
  kitchen: KitchenView;
  now: number;
  inForce: string | undefined;
}

/** One thing kept with what can be done about it. */
export function Kept({ keeping, kitchen, now, inForce }: Props) {
  const [open, setOpen] = useState<OpenKept>();
  const faster = wantsFaster(keeping);
  const { data: ways } = useWays(keeping.id, faster);
  const { hold } = keeping;
  return (
    <KeptItem>
      <Rail
        keeping={keeping}
        kitchen={kitchen}
        now={now}
        inForce={inForce}
        acts={<KeptActs keeping={keeping} offered={ways?.[0]?.choice} onOpen={setOpen} />}
        record={<Entries keeping={keeping} kitchen={kitchen} />}
        below={
          (faster && ways) || hold ? (
            <>
              {faster && ways && <WaysOut ways={ways} kitchen={kitchen} />}
              {hold && <Quality hold={hold} now={now} kitchen={kitchen} />}
            </>
          ) : undefined
        }
      />
      {open && (
        <OpenSheet
          open={open}
          keeping={keeping}
          kitchen={kitchen}
          onClose={() => setOpen(undefined)}
        />
      )}
    </KeptItem>
  );
}

interface OpenProps {
  open: OpenKept;
  keeping: KeepingView;
  kitchen: KitchenView;
  onClose: () => void;
}
function OpenSheet({ open, ...of }: OpenProps) {
  switch (open.sheet) {
    case 'read':
      return <ReadSheet {...of} />;
    case 'top-up':
      return <TopUpSheet {...of} />;
    case 'place':
      return <PlaceSheet {...of} offered={open.offered} />;
    case 'reheat':
      return <ReheatSheet {...of} offered={open.offered} />;
    case 'close':
      return <CloseSheet {...of} first={open.first} />;
  }
}

interface WaysProps {
  ways: NonNullable<ReturnType<typeof useWays>['data']>;
  kitchen: KitchenView;
}
function WaysOut({ ways: [best, next], kitchen }: WaysProps) {
  const { units } = kitchen.settings;
  return best ? (
    <Text>
      <b>{wayOut(best, units)}.</b> {next && `Or ${wayOut(next, units)}.`}
    </Text>
  ) : (
    <Text>
      No pans and cold places of this kitchen make it from here: more and shallower pans, or a
      chiller.
    </Text>
  );
}

interface QualityProps {
  hold: NonNullable<KeepingView['hold']>;
  now: number;
  kitchen: KitchenView;
}
function Quality({ hold, now, kitchen }: QualityProps) {
  const { zone, units } = kitchen.settings;
  const over = new Date(hold.goodUntil).getTime() < now;
  const later =
    hold.toOrder.length > 0
      ? ` Held as a base, without ${hold.toOrder.join(', ').toLowerCase()}, until ${show.hour(hold.baseUntil, zone)}: those go in to order.`
      : '';
  const loosen =
    hold.loosenKilograms === undefined
      ? ''
      : ` It sets: ${show.text(show.poured(hold.loosenKilograms / 1000, units))} of ${hold.loosenHow}.`;
  return (
    <Text tone="muted" size="note">
      {over ? 'Past its best since' : 'At its best until'} {show.hour(hold.goodUntil, zone)}:{' '}
      {hold.because}.{later}
      {loosen}
    </Text>
  );
}
