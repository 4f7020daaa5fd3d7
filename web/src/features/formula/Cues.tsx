import { Button } from '@mui/material';
import { useState } from 'react';
import type { School } from '../../api/client';
import { TextLine } from '../../ui/fields';
import { Column } from '../../ui/layout';
import { WayPick } from './WayPick';
import type { DraftStage } from './draft';

interface Props {
  stage: DraftStage;
  change: (to: Partial<DraftStage>) => void;
  ways: School[];
}

/** How 'ready' and 'too far' look; below them what is seldom written. */
export function Cues({ stage, change, ways }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <Column gap={0.5}>
      <TextLine label="Ready when" text={stage.ready} onText={(ready) => change({ ready })} />
      <TextLine label="Too far when" text={stage.tooFar} onText={(tooFar) => change({ tooFar })} />
      <TextLine label="Then do" text={stage.thenDo} onText={(thenDo) => change({ thenDo })} />
      <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
        Cautions and ways
      </Button>
      {open && <Seldom stage={stage} change={change} ways={ways} />}
    </Column>
  );
}

/** What must come out, where it can hurt, where it may stop, and whose way the stage is. */
function Seldom({ stage, change, ways }: Props) {
  return (
    <>
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
