import { Button } from '@mui/material';
import { useState } from 'react';
import type { School } from '../../api/client';
import { Pick, TextLine } from '../../ui/fields';
import { Column } from '../../ui/layout';
import { WayPick } from './WayPick';
import type { DraftStage } from './draft';
import { VESSELS } from './words';

const VESSEL_WORDS = Object.entries(VESSELS) as [DraftStage['vessel'], string][];

interface Props {
  stage: DraftStage;
  change: (to: Partial<DraftStage>) => void;
  ways: School[];
  wrong: Record<string, string>;
}

/** How 'ready' and 'too far' look; below them what is seldom written. */
export function Cues({ stage, change, ways, wrong }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <Column gap={0.5}>
      <TextLine label="Ready when" text={stage.ready} onText={(ready) => change({ ready })} />
      <TextLine label="Too far when" text={stage.tooFar} onText={(tooFar) => change({ tooFar })} />
      <TextLine label="Then do" text={stage.thenDo} onText={(thenDo) => change({ thenDo })} />
      <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
        Cautions and ways
      </Button>
      {open && <Seldom stage={stage} change={change} ways={ways} wrong={wrong} />}
    </Column>
  );
}

/** What it is cooked in, what it needs, what must come out, where it can hurt, where it may stop, and whose way the stage is. */
function Seldom({ stage, change, ways, wrong }: Props) {
  return (
    <>
      <Pick
        label="Cooked in"
        value={stage.vessel}
        options={VESSEL_WORDS}
        onPick={(vessel) => change({ vessel })}
      />
      <TextLine
        label="Hands of a cook"
        text={stage.hands}
        onText={(hands) => change({ hands })}
        placeholder="as usual"
        fault={wrong['course/handsMinutes']}
      />
      <TextLine
        label="Machines, apart by ;"
        text={stage.tools}
        onText={(tools) => change({ tools })}
        placeholder="processor: pulse 4"
      />
      <TextLine
        label="Take out before serving, apart by ;"
        text={stage.takeOut}
        onText={(takeOut) => change({ takeOut })}
      />
      <TextLine
        label="Where it can hurt"
        text={stage.caution}
        onText={(caution) => change({ caution })}
      />
      <TextLine
        label="May stop here, and how to go on"
        text={stage.pause}
        onText={(pause) => change({ pause })}
      />
      {ways.length > 0 && (
        <WayPick
          ways={ways}
          school={stage.school}
          onPick={(school) => change({ school })}
          label="Whose way the stage is"
        />
      )}
    </>
  );
}
