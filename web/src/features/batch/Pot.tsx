import { useState } from 'react';
import type { BatchView, KitchenView } from '../../api/client';
import { useNow } from '../../api/clock';
import { usePantry } from '../../api/pantry';
import { useStageNotes } from '../../api/stageNotes';
import { Eaters } from '../../ui/Eaters';
import { Cautions } from '../../ui/Cautions';
import { Column } from '../../ui/layout';
import { Hour } from './Hour';
import { Looked } from './Looked';
import { Over } from './Over';
import { PotActs } from './PotActs';
import { PotPicture } from './PotPicture';
import { PotSheets, type PotSheet } from './PotSheets';
import { Readings } from './Readings';
import { Steps } from './Steps';
import { along, TICK_MS } from '../../ui/along';
import { StoveGrid } from './batch.styles';
import { usePotKeys } from './usePotKeys';

/** One pot at the stove: the hour, what is next, the readings. */
export function Pot({ batch, kitchen }: { batch: BatchView; kitchen: KitchenView }) {
  const [sheet, setSheet] = useState<PotSheet>();
  const now = useNow(TICK_MS);
  // Already here when something else goes in while the network is away.
  usePantry();
  const live = batch.status === 'SIMMERING';
  usePotKeys(batch.id, live, setSheet);
  const { data: notes } = useStageNotes(batch.id);
  return (
    <StoveGrid>
      <PotPicture
        batch={batch}
        kitchen={kitchen}
        now={live ? now : undefined}
        here={live ? along(batch.forecast.likely, now) : batch.forecast.likely.at(-1)}
      />
      <Column gap={2} sx={{ order: { xs: -1, sm: 0 } }}>
        {live ? (
          <Hour batch={batch} kitchen={kitchen} onTarget={() => setSheet('target')} />
        ) : (
          <Over batch={batch} kitchen={kitchen} />
        )}
        {live && <Cautions of={batch.forecast.cautions} />}
        <Steps
          batch={batch}
          kitchen={kitchen}
          now={now}
          earlier={notes?.earlier ?? []}
          onRead={setSheet}
          onFinish={() => setSheet('finish')}
        />
        <Looked
          batch={batch}
          zone={kitchen.settings.zone}
          own={notes?.own ?? []}
          onNote={() => setSheet('look')}
        />
        <Readings batch={batch} kitchen={kitchen} />
        <Eaters of={batch.declaration} />
        {live && <PotActs batch={batch} units={kitchen.settings.units} onOpen={setSheet} />}
      </Column>
      {sheet && (
        <PotSheets
          sheet={sheet}
          batch={batch}
          kitchen={kitchen}
          now={now}
          onClose={() => setSheet(undefined)}
        />
      )}
    </StoveGrid>
  );
}
