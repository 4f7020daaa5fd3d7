import { Box, Button, Typography } from '@mui/material';
import { memo, useMemo, useState } from 'react';
import type { FormulaSheet, IngredientView, LineReading, School } from '../../api/client';
import { columns, lastOfLine } from '../../theme/tokens';
import { Pick, TextLine } from '../../ui/fields';
import { Cues } from './Cues';
import type { DraftLine, DraftStage, MeasuresOf } from './draft';
import { LineFields } from './LineFields';
import { OpenLines } from './OpenLines';
import { PasteBox } from './PasteBox';
import type { DraftOps } from './useDraft';
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
const HEADS = ['How much', 'Of what', 'What is done to it', 'First dose', 'Goes in after'];
const HEAT_WORDS = Object.entries(HEATS) as [DraftStage['heat'], string][];
const LIDS = Object.entries(LID_WORDS) as [DraftStage['lid'], string][];

interface Props {
  at: number;
  last: boolean;
  stage: DraftStage;
  choices: FormulaSheet['choices'];
  goods: IngredientView[];
  pantry: ReadonlyMap<string, IngredientView>;
  measures: MeasuresOf;
  ops: DraftOps;
  focus: (mark: string) => void;
  /** Faults of this stage by field, as text, so that equal ones are the same. */
  faults: string;
}

/** One stage: what is done, how hot, what goes in, and how 'ready' looks. */
export const StageFields = memo(function StageFields({
  at,
  last,
  stage,
  choices,
  goods,
  pantry,
  measures,
  ops,
  focus,
  faults,
}: Props) {
  const [pasted, setPasted] = useState('');
  const [cuesOpen, setCuesOpen] = useState(false);
  const wrong = useMemo(() => JSON.parse(faults) as Record<string, string>, [faults]);
  const ways = useMemo(
    () =>
      choices.flatMap((c) =>
        c.options.map((o): School => ({ question: c.question, option: o.name })),
      ),
    [choices],
  );
  const [asked, setAsked] = useState<LineReading[]>([]);
  const [answering, setAnswering] = useState('');
  const change = (to: Partial<DraftStage>) => ops.changeStage(stage.key, to);
  const unread = stage.unread ?? [];
  const read = (lines: DraftLine[], open: LineReading[]) => {
    ops.addLines(stage.key, lines);
    change({ unread: [...without(unread, answering), ...open.map((r) => r.text)] });
    setAsked([...asked, ...open]);
    setAnswering('');
    setPasted('');
  };
  return (
    <Box
      component="fieldset"
      sx={{ border: 0, borderTop: 2, borderColor: 'text.primary', p: 0, pt: 1, m: 0, minWidth: 0 }}
    >
      <Typography component="legend" sx={{ position: 'absolute', clipPath: 'inset(50%)' }}>
        Stage {at + 1}
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr 1fr', md: '1.5fr 1.3fr 1fr 1fr 0.8fr 0.7fr 0.7fr' },
          gap: 1.5,
        }}
      >
        <TextLine
          label={`Stage ${at + 1}`}
          text={stage.title}
          onText={(title) => change({ title })}
          fault={wrong.title}
        />
        <Pick label="When" value={stage.role} options={ROLES} onPick={(role) => change({ role })} />
        <Pick
          label="What is done"
          value={stage.technique}
          options={TECHNIQUES}
          onPick={(technique) => change({ technique })}
        />
        <Pick
          label="Heat"
          value={stage.heat}
          options={HEAT_WORDS}
          onPick={(heat) => change({ heat })}
        />
        <Pick label="Lid" value={stage.lid} options={LIDS} onPick={(lid) => change({ lid })} />
        <TextLine
          label="Minutes"
          text={stage.minutes}
          onText={(minutes) => change({ minutes })}
          fault={wrong.minutes}
        />
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
      </Box>
      <Box
        aria-hidden
        sx={{
          display: { xs: 'none', md: 'grid' },
          gridTemplateColumns: columns.editLine,
          columnGap: 1.5,
          mt: 1,
        }}
      >
        {HEADS.map((h, i) => (
          <Typography
            key={h}
            variant="caption"
            sx={{
              color: 'text.secondary',
              ...(i === HEADS.length - 1 ? { width: lastOfLine(choices.length > 0) } : {}),
            }}
          >
            {h}
          </Typography>
        ))}
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, mt: { xs: 1, md: 0 }, mb: 0.5 }}>
        {stage.lines.map((line, i) => (
          <LineFields
            key={line.key}
            stage={stage.key}
            line={line}
            ways={ways}
            goods={goods}
            known={pantry.get(line.ingredientId)}
            measures={measures}
            ops={ops}
            focus={focus}
            onList={setPasted}
            amountFault={wrong[`lines/${i}/massKilograms`]}
            goodsFault={wrong[`lines/${i}/ingredientId`]}
            firstFault={wrong[`lines/${i}/firstDoseFraction`]}
            afterFault={wrong[`lines/${i}/afterMinutes`]}
          />
        ))}
      </Box>
      <OpenLines
        unread={unread}
        asked={asked}
        onAnswer={(line) => {
          setAnswering(line);
          setPasted(line);
        }}
        onDrop={(line) => change({ unread: without(unread, line) })}
      />
      {pasted !== '' && <PasteBox text={pasted} onText={setPasted} onRead={read} />}
      {cuesOpen && <Cues stage={stage} change={change} ways={ways} />}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
        <Button size="small" onClick={() => focus(ops.addLineAfter(stage.key))}>
          Add a line
        </Button>
        <Button size="small" onClick={() => setPasted('\n')}>
          Paste a list
        </Button>
        <Button size="small" aria-expanded={cuesOpen} onClick={() => setCuesOpen(!cuesOpen)}>
          Cues and cautions
        </Button>
        <Button size="small" disabled={at === 0} onClick={() => ops.moveStage(stage.key, -1)}>
          Up
        </Button>
        <Button size="small" disabled={last} onClick={() => ops.moveStage(stage.key, 1)}>
          Down
        </Button>
        <Button size="small" onClick={() => ops.addStageAfter(stage.key)}>
          Stage after it
        </Button>
        <Button size="small" onClick={() => ops.dropStage(stage.key)}>
          Take the stage out
        </Button>
      </Box>
    </Box>
  );
});

/** The list without one of these lines, once. */
const without = (lines: string[], line: string) =>
  lines.includes(line) ? lines.toSpliced(lines.indexOf(line), 1) : lines;
