import { Box } from '@mui/material';
import type { School } from '../../api/client';
import { TextLine } from '../../ui/fields';
import type { DraftStage } from './draft';
import { WayPick } from './WayPick';

/** How 'ready' and 'too far' look, what must come out, where it can hurt, and whose way the stage is. */
export function Cues({
  stage,
  change,
  ways,
}: {
  stage: DraftStage;
  change: (to: Partial<DraftStage>) => void;
  ways: School[];
}) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '1fr 1fr 1fr' },
        gap: 1.5,
        my: 1,
      }}
    >
      <TextLine label="Ready when" text={stage.ready} onText={(ready) => change({ ready })} />
      <TextLine label="Too far when" text={stage.tooFar} onText={(tooFar) => change({ tooFar })} />
      <TextLine label="Then do" text={stage.thenDo} onText={(thenDo) => change({ thenDo })} />
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
    </Box>
  );
}
