import { Pick, TextLine } from '../../ui/fields';
import { Column } from '../../ui/layout';
import type { DraftStage } from './draft';
import { HeadGrid } from './formula.styles';
import { HEATS, LID_WORDS } from './words';

const ROLES = [
  ['PREPARE', 'to begin'],
  ['REDUCE', 'the simmer'],
  ['FINISH', 'to finish'],
] as const;
const TECHNIQUES = [
  ['RENDER', 'render'],
  ['SWEAT', 'sweat, pale'],
  ['CARAMELISE', 'caramelise'],
  ['BROWN', 'brown in loads'],
  ['SEAR', 'sear, out again'],
  ['FRY', 'fry in oil'],
  ['TOAST', 'toast'],
  ['DEGLAZE', 'deglaze'],
  ['FLAME', 'flame'],
  ['SIMMER', 'simmer'],
  ['BRAISE', 'braise'],
  ['BAKE', 'bake'],
  ['MILL', 'mill'],
  ['MIX', 'mix'],
  ['KNEAD', 'knead'],
  ['REST', 'rest'],
  ['FINISH', 'stir in'],
] as const;
const HEAT_WORDS = Object.entries(HEATS) as [DraftStage['heat'], string][];
const LIDS = Object.entries(LID_WORDS) as [DraftStage['lid'], string][];

interface Props {
  stage: DraftStage;
  change: (to: Partial<DraftStage>) => void;
}

/** How long, how hot, and how much of its water goes: where the ribbon has its hours. */
export function StageHours({ stage, change, wrong }: Props & { wrong: Record<string, string> }) {
  return (
    <Column gap={0.5}>
      <TextLine
        label="Minutes"
        text={stage.minutes}
        onText={(minutes) => change({ minutes })}
        fault={wrong.minutes}
      />
      <Pick
        label="Heat"
        value={stage.heat}
        options={HEAT_WORDS}
        onPick={(heat) => change({ heat })}
      />
      <Pick label="Lid" value={stage.lid} options={LIDS} onPick={(lid) => change({ lid })} />
      {stage.heat === 'OVEN' ? (
        <TextLine
          label="Oven"
          text={stage.oven}
          onText={(oven) => change({ oven })}
          fault={wrong.ovenCelsius}
        />
      ) : (
        <TextLine
          label="Dries off"
          text={stage.dried}
          onText={(dried) => change({ dried })}
          fault={wrong.driedFraction}
          placeholder="0 %"
        />
      )}
    </Column>
  );
}

/** When in the formula it comes, and what is done. */
export function StageHead({ stage, change }: Props) {
  return (
    <HeadGrid>
      <Pick label="When" value={stage.role} options={ROLES} onPick={(role) => change({ role })} />
      <Pick
        label="What is done"
        value={stage.technique}
        options={TECHNIQUES}
        onPick={(technique) => change({ technique })}
      />
    </HeadGrid>
  );
}
