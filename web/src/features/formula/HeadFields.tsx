import { Checkbox, FormControlLabel } from '@mui/material';
import { Pick, TextLine } from '../../ui/fields';
import { Column, Row } from '../../ui/layout';
import { Questions } from './Questions';
import type { Draft } from './draft';
import { HeadGrid } from './formula.styles';
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
    <Column>
      <HeadGrid>
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
        {draft.family === 'PART' && (
          <>
            <TextLine
              label="Counted by"
              text={draft.pieceName}
              onText={(pieceName) => change({ pieceName })}
              fault={faultAt('/piece/name')}
              placeholder="ball"
            />
            <TextLine
              label="One weighs"
              text={draft.pieceMass}
              onText={(pieceMass) => change({ pieceMass })}
              fault={faultAt('/piece/massKilograms')}
              placeholder="40 g"
            />
          </>
        )}
      </HeadGrid>
      <Row gap={0} wrap>
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
      </Row>
      <Questions choices={draft.choices} change={(choices) => change({ choices })} />
    </Column>
  );
}
