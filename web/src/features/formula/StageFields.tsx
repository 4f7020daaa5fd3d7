import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import type { FormulaSheet, IngredientView, School } from '../../api/client';
import type { Measures } from '../../quantities';
import { columns } from '../../theme/tokens';
import { newLine, type DraftLine, type DraftStage } from './draft';
import { Pick, TextLine } from '../../ui/fields';
import { LineFields } from './LineFields';
import { PasteBox } from './PasteBox';
import { useFocusMark } from './useFocusMark';
import { moved } from './useDraft';
import { HEATS, LID_WORDS } from './words';

const ROLES = [['PREPARE', 'before the simmer'], ['REDUCE', 'the simmer'], ['FINISH', 'when it is thick enough']] as const;
const TECHNIQUES = [['RENDER', 'render'], ['SWEAT', 'sweat, pale'], ['CARAMELISE', 'caramelise'], ['BROWN', 'brown in loads'], ['SEAR', 'sear, out again'], ['FRY', 'fry in oil'], ['TOAST', 'toast'], ['DEGLAZE', 'deglaze'], ['FLAME', 'flame'], ['SIMMER', 'simmer'], ['BRAISE', 'braise'], ['BAKE', 'bake'], ['MILL', 'mill'], ['MIX', 'mix'], ['KNEAD', 'knead'], ['REST', 'rest'], ['FINISH', 'stir in']] as const;
const HEADS = ['How much', 'Of what', 'What is done to it', 'First dose', 'Goes in after'];
type Heat = DraftStage['heat'];
type LidWord = DraftStage['lid'];
const HEAT_WORDS = Object.entries(HEATS) as [Heat, string][];
const LIDS = Object.entries(LID_WORDS) as [LidWord, string][];

interface Props {
  at: number; last: boolean; stage: DraftStage; choices: FormulaSheet['choices']; goods: IngredientView[]; pantry: ReadonlyMap<string, IngredientView>; measures: Measures;
  change: (to: Partial<DraftStage>) => void; move: (by: number) => void; drop: () => void; addAfter: () => void; faultAt: (pointer: string) => string | undefined;
}

/** One stage: what is done, how hot, what goes in, and how 'ready' looks. */
export function StageFields({ at, last, stage, choices, goods, pantry, measures, change, move, drop, addAfter, faultAt }: Props) {
  const [pasted, setPasted] = useState('');
  const [cuesOpen, setCuesOpen] = useState(false);
  const focus = useFocusMark();
  const pointer = (field: string) => faultAt(`/stages/${at}/${field}`);
  const lines = (to: DraftLine[]) => change({ lines: to });
  const add = (after: number) => {
    const line = newLine();
    lines(stage.lines.toSpliced(after + 1, 0, line));
    focus(line.key);
  };
  const shift = (i: number, by: number) => {
    lines(moved(stage.lines, i, by));
    const key = stage.lines[i]?.key;
    if (key) focus(key);
  };
  const ways = choices.flatMap((c) => c.options.map((o): School => ({ question: c.question, option: o.name })));
  return (
    <Box component="fieldset" sx={{ border: 0, borderTop: 2, borderColor: 'text.primary', p: 0, pt: 1, m: 0, minWidth: 0 }}>
      <Typography component="legend" sx={{ position: 'absolute', clipPath: 'inset(50%)' }}>Stage {at + 1}</Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr 1fr', md: '1.5fr 1.3fr 1fr 1fr 0.8fr 0.7fr 0.7fr' }, gap: 1.5 }}>
        <TextLine label={`Stage ${at + 1}`} text={stage.title} onText={(title) => change({ title })} fault={pointer('title')} />
        <Pick label="When" value={stage.role} options={ROLES} onPick={(role) => change({ role })} />
        <Pick label="What is done" value={stage.technique} options={TECHNIQUES} onPick={(technique) => change({ technique })} />
        <Pick label="Heat" value={stage.heat} options={HEAT_WORDS} onPick={(heat) => change({ heat })} />
        <Pick label="Lid" value={stage.lid} options={LIDS} onPick={(lid) => change({ lid })} />
        <TextLine label="Minutes" text={stage.minutes} onText={(minutes) => change({ minutes })} fault={pointer('minutes')} />
        {stage.heat === 'OVEN' ? <TextLine label="Oven" text={stage.oven} onText={(oven) => change({ oven })} fault={pointer('ovenCelsius')} /> : <TextLine label="Dries off" text={stage.dried} onText={(dried) => change({ dried })} fault={pointer('driedFraction')} placeholder="0 %" />}
      </Box>
      <Box aria-hidden sx={{ display: { xs: 'none', md: 'grid' }, gridTemplateColumns: columns.editLine, columnGap: 1.5, mt: 1 }}>
        {HEADS.map((h) => <Typography key={h} variant="caption" sx={{ color: 'text.secondary' }}>{h}</Typography>)}
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, mt: { xs: 1, md: 0 }, mb: 0.5 }}>
        {stage.lines.map((line, i) => (
          <LineFields key={line.key} line={line} at={`/stages/${at}/lines/${i}`} ways={ways} goods={goods} pantry={pantry} measures={measures} faultAt={faultAt}
            change={(to) => lines(stage.lines.map((l) => (l.key === line.key ? { ...l, ...to } : l)))} drop={() => lines(stage.lines.toSpliced(i, 1))} addAfter={() => add(i)} move={(by) => shift(i, by)} onList={setPasted} />
        ))}
      </Box>
      {pasted !== '' && <PasteBox text={pasted} onText={setPasted} onLines={(read) => lines([...stage.lines.filter((l) => l.amount || l.ingredientId), ...read])} />}
      {cuesOpen && <Cues stage={stage} change={change} ways={ways} />}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
        <Button size="small" onClick={() => add(stage.lines.length - 1)}>Add a line</Button>
        <Button size="small" onClick={() => setPasted('\n')}>Paste a list</Button>
        <Button size="small" aria-expanded={cuesOpen} onClick={() => setCuesOpen(!cuesOpen)}>Cues and cautions</Button>
        <Button size="small" disabled={at === 0} onClick={() => move(-1)}>Up</Button>
        <Button size="small" disabled={last} onClick={() => move(1)}>Down</Button>
        <Button size="small" onClick={addAfter}>Stage after it</Button>
        <Button size="small" onClick={drop}>Take the stage out</Button>
      </Box>
    </Box>
  );
}

function Cues({ stage, change, ways }: { stage: DraftStage; change: Props['change']; ways: School[] }) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr 1fr' }, gap: 1.5, my: 1 }}>
      <TextLine label="Ready when" text={stage.ready} onText={(ready) => change({ ready })} />
      <TextLine label="Too far when" text={stage.tooFar} onText={(tooFar) => change({ tooFar })} />
      <TextLine label="Then do" text={stage.thenDo} onText={(thenDo) => change({ thenDo })} />
      <TextLine label="Take out before serving, apart by ;" text={stage.takeOut} onText={(takeOut) => change({ takeOut })} />
      <TextLine label="Where it can hurt" text={stage.caution} onText={(caution) => change({ caution })} />
      <TextLine label="May stop here, and how to go on" text={stage.pause} onText={(pause) => change({ pause })} />
      {ways.length > 0 && <WayPick ways={ways} school={stage.school} onPick={(school) => change({ school })} label="Whose way the stage is" />}
    </Box>
  );
}

/** Whose way a stage or a line is. */
export function WayPick({ ways, school, onPick, label, hidden = false }: { ways: School[]; school: School | undefined; onPick: (school: School | undefined) => void; label: string; hidden?: boolean }) {
  const key = (s: School) => `${s.question}=${s.option}`;
  const options = [['', 'everybody’s'] as const, ...ways.map((w) => [key(w), `${w.question}: ${w.option}`] as const)];
  return <Pick label={label} hidden={hidden} value={school ? key(school) : ''} options={options} onPick={(v) => onPick(ways.find((w) => key(w) === v))} />;
}
