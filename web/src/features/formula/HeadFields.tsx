import { Box, Button, Checkbox, FormControlLabel, Typography } from '@mui/material';
import { useState } from 'react';
import type { Draft } from './draft';
import { Pick, TextLine } from '../../ui/fields';
import { USES } from './words';

const FAMILIES = [
  ['PLAIN', 'Base and plain'],
  ['RAGU', 'Ragù'],
  ['CURED_PORK', 'With cured pork'],
  ['GARDEN', 'Vegetables and olives'],
  ['MEAT', 'Round meat'],
  ['SEA', 'From the sea'],
  ['PART', 'Part of a dish'],
] as const;
type Use = Draft['uses'][number];
const ALL_USES = Object.entries(USES) as [Use, string][];

interface Props {
  draft: Draft;
  change: (to: Partial<Draft>) => void;
  faultAt: (pointer: string) => string | undefined;
}

/** Name, kind, use, thickness and the questions on which cooks differ. */
export function HeadFields({ draft, change, faultAt }: Props) {
  const toggle = (use: Use) =>
    change({
      uses: draft.uses.includes(use) ? draft.uses.filter((u) => u !== use) : [...draft.uses, use],
    });
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: '1.2fr 1.6fr' },
          columnGap: 2,
          rowGap: 1,
        }}
      >
        <TextLine
          label="Name"
          text={draft.name}
          onText={(name) => change({ name })}
          fault={faultAt('/name')}
        />
        <TextLine
          label="In short"
          text={draft.inShort}
          onText={(inShort) => change({ inShort })}
          fault={faultAt('/inShort')}
          placeholder="what tells it from others"
        />
        <Pick
          label="Kind"
          value={draft.family}
          options={FAMILIES}
          onPick={(family) => change({ family })}
        />
        <TextLine
          label="Done at a thickness of"
          text={draft.target}
          onText={(target) => change({ target })}
          fault={faultAt('/targetSolidsFraction')}
          note="non-fat solids; leave it empty for a part that is not boiled down"
        />
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap' }}>
        {ALL_USES.map(([use, words]) => (
          <FormControlLabel
            key={use}
            control={
              <Checkbox
                size="small"
                checked={draft.uses.includes(use)}
                onChange={() => toggle(use)}
                sx={{ py: 0.25 }}
              />
            }
            label={words}
          />
        ))}
      </Box>
      <Questions draft={draft} change={change} />
    </Box>
  );
}

/** Each question with its ways, one to a line: the way, then why. */
function Questions({ draft, change }: Omit<Props, 'faultAt'>) {
  const [texts, setTexts] = useState<readonly string[]>(() =>
    draft.choices.map((c) =>
      c.options.map((o) => (o.reason ? `${o.name}: ${o.reason}` : o.name)).join(' | '),
    ),
  );
  const put = (i: number, to: Partial<Draft['choices'][number]>) =>
    change({ choices: draft.choices.map((c, j) => (j === i ? { ...c, ...to } : c)) });
  const write = (i: number, text: string) => {
    setTexts(texts.with(i, text));
    const options = text
      .split('|')
      .map((w) => w.trim())
      .filter(Boolean)
      .map((w) => ({
        name: w.split(':')[0]?.trim() ?? '',
        reason: w.split(':').slice(1).join(':').trim(),
      }));
    if (options.length > 0) put(i, { options });
  };
  const add = () => {
    setTexts([...texts, 'first way | second way']);
    change({
      choices: [
        ...draft.choices,
        {
          question: 'Question',
          options: [
            { name: 'first way', reason: '' },
            { name: 'second way', reason: '' },
          ],
        },
      ],
    });
  };
  const drop = (i: number) => {
    setTexts(texts.toSpliced(i, 1));
    change({ choices: draft.choices.toSpliced(i, 1) });
  };
  return (
    <Box>
      {draft.choices.length > 0 && (
        <Typography variant="caption" sx={{ color: 'text.secondary' }}>
          Questions on which cooks differ; ways apart by |, the reason after a colon
        </Typography>
      )}
      {draft.choices.map((c, i) => (
        <Box
          key={i}
          sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 3fr auto' }, gap: 2 }}
        >
          <TextLine
            label="Question"
            hidden
            text={c.question}
            onText={(question) => put(i, { question })}
          />
          <TextLine label="Ways" hidden text={texts[i] ?? ''} onText={(text) => write(i, text)} />
          <Button size="small" onClick={() => drop(i)}>
            Take out
          </Button>
        </Box>
      ))}
      <Button size="small" onClick={add}>
        Add a question of schools
      </Button>
    </Box>
  );
}
