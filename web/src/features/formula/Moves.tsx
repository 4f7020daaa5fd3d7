import { Button } from '@mui/material';
import type { Goods } from '../../api/goods';
import { Pick, TextLine } from '../../ui/fields';
import { BareList } from '../../ui/layout';
import { newMove, type DraftMove } from './course';
import type { DraftStage } from './draft';
import { MoveRow, RemoveButton } from './formula.styles';

const WAYS = [
  ['OUT', 'out'],
  ['BACK', 'back in'],
] as const;

interface Props {
  stage: DraftStage;
  change: (to: Partial<DraftStage>) => void;
  /** What the formula puts in, to choose from. */
  used: Goods[];
  wrong: Record<string, string>;
}

/** Pieces that the stage takes out of the pot, or lets in again. */
export function Moves({ stage, change, used, wrong }: Props) {
  const set = (key: string, to: Partial<DraftMove>) =>
    change({ moves: stage.moves.map((m) => (m.key === key ? { ...m, ...to } : m)) });
  const options: (readonly [string, string])[] = [
    ['', 'which'],
    ...used.map((g) => [g.id, g.content.name] as const),
  ];
  return (
    <>
      {stage.moves.length > 0 && (
        <BareList aria-label="Pieces that come and go">
          {stage.moves.map((m, i) => (
            <MoveRow key={m.key}>
              <Pick
                label="Pieces go"
                hidden
                value={m.way}
                options={WAYS}
                onPick={(way) => set(m.key, { way })}
              />
              <Pick
                label="Which pieces"
                hidden
                value={m.ingredientId}
                options={options}
                onPick={(ingredientId) => set(m.key, { ingredientId })}
                fault={wrong[`course/moves/${i}/ingredientId`]}
              />
              <TextLine
                label="After how long"
                hidden
                text={m.after}
                onText={(after) => set(m.key, { after })}
                placeholder={m.way === 'OUT' ? 'at its end' : 'at its start'}
                fault={wrong[`course/moves/${i}/afterMinutes`]}
              />
              <TextLine
                label="How many of them"
                hidden
                text={m.share}
                onText={(share) => set(m.key, { share })}
                placeholder="all"
                fault={wrong[`course/moves/${i}/shareFraction`]}
              />
              <RemoveButton
                size="small"
                aria-label="Do not move these pieces"
                onClick={() =>
                  change({ moves: stage.moves.filter((other) => other.key !== m.key) })
                }
              >
                ×
              </RemoveButton>
            </MoveRow>
          ))}
        </BareList>
      )}
      <Button
        size="small"
        onClick={() => change({ moves: [...stage.moves, newMove()] })}
        disabled={used.length === 0}
      >
        Pieces out or back
      </Button>
    </>
  );
}
