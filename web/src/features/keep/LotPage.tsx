import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { useParams } from 'react-router';
import { client, type KitchenView, type LotView } from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { useLot, useTrace } from '../../api/lots';
import { answered } from '../../api/problem';
import { show } from '../../quantities';
import { ActButton } from '../../ui/ActButton';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { BareList, Column, Halves } from '../../ui/layout';
import { Text } from '../../ui/text';
import { LotDates } from './LotDates';
import { DiscardSheet, MoveSheet, SplitSheet, UseSheet } from './LotSheets';
import { StillToCome } from './StillToCome';
import { Steps } from './TracePage';
import { WantSheet } from './WantSheet';
import { holding } from './lotWords';
import { Pending } from '../../ui/Pending';

const SHEETS = {
  use: UseSheet,
  move: MoveSheet,
  split: SplitSheet,
  want: WantSheet,
  discard: DiscardSheet,
};
export type LotSheet = keyof typeof SHEETS;

/** One lot: what it is, how long it is good, where it came from, what is done with it. */
export function LotPage() {
  const { id = '' } = useParams();
  const { data: kitchen } = useKitchen();
  const { data: lot, error } = useLot(id);
  if (!kitchen || !lot) return <Pending title="Lot" step="Keep" error={error} />;
  return <Lot lot={lot} kitchen={kitchen} />;
}

function Lot({ lot, kitchen }: { lot: LotView; kitchen: KitchenView }) {
  const [open, setOpen] = useState<LotSheet>();
  const gone = lot.state === 'GONE';
  const late = lot.daysLeft <= 0 && !gone;
  const Open = open && SHEETS[open];
  return (
    <Page
      title={`${lot.name}, ${lot.code}`}
      sub={gone ? 'nothing is left of it' : holding(lot, kitchen.settings.units)}
      step="Keep"
      acts={!gone && <LotActs lot={lot} late={late} onOpen={setOpen} />}
    >
      {late && <Note tone="tomato">Its date is past: it is not used any more.</Note>}
      <Halves gap={4}>
        <Column>
          {!gone && !late && <StillToCome lot={lot} units={kitchen.settings.units} />}
          <LotDates lot={lot} kitchen={kitchen} late={late} onOpen={setOpen} />
        </Column>
        <Whereabouts lot={lot} kitchen={kitchen} />
      </Halves>
      {Open && <Open lot={lot} kitchen={kitchen} onClose={() => setOpen(undefined)} />}
    </Page>
  );
}

interface ActsProps {
  lot: LotView;
  late: boolean;
  onOpen: (sheet: LotSheet) => void;
}
function LotActs({ lot, late, onOpen }: ActsProps) {
  const print = async () => {
    const of = { params: { path: { id: lot.id } } };
    const bytes = await answered(
      client.GET('/api/lots/{id}/labels.pdf', { ...of, parseAs: 'blob' }),
    );
    window.open(URL.createObjectURL(bytes as unknown as Blob), '_blank');
  };
  return (
    <>
      <ActButton variant="outlined" onAct={print}>
        Print labels
      </ActButton>
      <Button variant={late ? 'contained' : 'outlined'} onClick={() => onOpen('discard')}>
        Throw it away
      </Button>
      {!late && (
        <Button variant="contained" onClick={() => onOpen('use')}>
          Use some
        </Button>
      )}
    </>
  );
}

/** Where it came from, where it went, and what happened to it. */
function Whereabouts({ lot, kitchen }: { lot: LotView; kitchen: KitchenView }) {
  const { data: trace } = useTrace(lot.id);
  const { units, zone } = kitchen.settings;
  return (
    <Box component="section" aria-label="Trace" sx={{ minWidth: 0 }}>
      <Text variant="h2">Where it came from</Text>
      {trace && (
        <Steps steps={trace.from} zone={zone} empty="Nothing is noted of where it came from." />
      )}
      <Text variant="h2" sx={{ mt: 2 }}>
        Where it went
      </Text>
      {trace && <Steps steps={trace.to} zone={zone} empty="Nowhere yet." />}
      <Text variant="h2" sx={{ mt: 2 }}>
        History
      </Text>
      <BareList>
        {lot.events.map((e) => (
          <Text component="li" key={`${e.at}${e.kind}${e.what}`} size="note">
            {show.day(e.at, zone)} {show.hour(e.at, zone)} ·{' '}
            {e.kind.toLowerCase().replace('_', ' ')}
            {e.massKilograms === undefined
              ? ''
              : ` ${show.text(show.mass(e.massKilograms, units))}`}
            {e.what ? `: ${e.what}` : ''}
          </Text>
        ))}
      </BareList>
    </Box>
  );
}
