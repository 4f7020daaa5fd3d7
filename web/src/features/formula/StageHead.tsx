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

const AIR = [
  ['STILL', 'still'],
  ['FAN', 'fan'],
] as const;
const ENDS = [
  ['UNSAID', 'with the next'],
  ['THICK', 'thick enough'],
  ['MINUTES', 'its minutes'],
  ['CUE', 'its cue'],
  ['ALL_IN', 'all in'],
  ['DOWN_TO', 'down to'],
] as const;

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
      {stage.role === 'REDUCE' && <End stage={stage} change={change} wrong={wrong} />}
      <Pick
        label="Heat"
        value={stage.heat}
        options={HEAT_WORDS}
        onPick={(heat) => change({ heat })}
      />
      {stage.heat === 'BURNER' && (
        <TextLine
          label="Burner set to"
          text={stage.burner}
          onText={(burner) => change({ burner })}
          fault={wrong.burnerShare}
          placeholder="50 %"
        />
      )}
      <Pick label="Lid" value={stage.lid} options={LIDS} onPick={(lid) => change({ lid })} />
      {stage.heat === 'OVEN' ? (
        <>
          <TextLine
            label="Oven"
            text={stage.oven}
            onText={(oven) => change({ oven })}
            fault={wrong.ovenCelsius}
          />
          <Pick
            label="Its air"
            value={stage.fan ? 'FAN' : 'STILL'}
            options={AIR}
            onPick={(air) => change({ fan: air === 'FAN' })}
          />
        </>
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

/** What ends a simmer: a clock, a cue, or the sauce itself. */
function End({ stage, change, wrong }: Props & { wrong: Record<string, string> }) {
  return (
    <>
      <Pick
        label="Over with"
        value={stage.ends}
        options={ENDS}
        onPick={(ends) => change({ ends })}
      />
      {stage.ends === 'DOWN_TO' && (
        <TextLine
          label="Down to"
          text={stage.until}
          onText={(until) => change({ until })}
          fault={wrong['course/endValue']}
          placeholder="1 cup, 900 g, 80 °C"
        />
      )}
    </>
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
