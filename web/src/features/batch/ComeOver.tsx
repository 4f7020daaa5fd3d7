import { Button } from '@mui/material';
import { useState } from 'react';
import type { BatchView, KitchenView, StageView } from '../../api/client';
import { measuresOf } from '../../api/kitchen';
import { QuantityField, show, typed } from '../../quantities';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
import { useEntry } from './useEntry';

interface Props {
  stage: StageView;
  batch: BatchView;
  kitchen: KitchenView;
}

/** What was cooked in a pan of its own goes over into the pot: how much of it, liquor and all? */
export function ComeOver(of: Props) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button aria-label={`Weigh what comes over: ${of.stage.title}`} onClick={() => setOpen(true)}>
        Weigh it over
      </Button>
      {open && <ComeOverSheet {...of} onClose={() => setOpen(false)} />}
    </>
  );
}

const START = { text: '' };

function ComeOverSheet({ stage, batch, kitchen, onClose }: Props & { onClose: () => void }) {
  const place = batch.planned.stages.indexOf(stage);
  const name = `come-over-${place}`;
  const sheet = useEntry({ batchId: batch.id, sheet: name, start: START, onWritten: onClose });
  const { values, put, write, refused } = sheet;
  const read = typed(values.text, 'MASS', 'g', measuresOf(kitchen));
  const fault = read.fault ?? refused?.at('/massKilograms', read.entered);
  const understood =
    read.value === undefined ? '' : show.text(show.mass(read.value, kitchen.settings.units));
  return (
    <Sheet
      of={sheet}
      title={`${stage.title}: what comes over`}
      ready={read.value !== undefined}
      onAct={() =>
        write('/come-overs', {
          stage: place,
          massKilograms: read.value ?? 0,
          enteredText: read.entered,
        })
      }
      onClose={onClose}
      atField={fault}
    >
      <QuantityField
        label="Out of the pan, with its liquor"
        text={values.text}
        onText={(to) => put('text', to)}
        understood={understood}
        fault={fault}
        numeric={false}
        autoFocus
      />
      <Note>Pour grit and fat that stay behind off first: what goes over is what counts.</Note>
    </Sheet>
  );
}
