import { Box, Button } from '@mui/material';
import { memo } from 'react';
import { Link } from 'react-router';
import type { PartView } from '../../api/client';
import { useReady } from '../../api/lots';
import { show, type Units } from '../../quantities';
import { Note } from '../../ui/Note';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import type { PlanForm } from './form';

interface Props {
  parts: PartView[];
  chosen: PlanForm['fromTubs'];
  change: (to: Partial<PlanForm>) => void;
  units: Units;
  fault: string | undefined;
}

/** Parts that are there in tubs need not be made; those that are taken can be made after all. */
export const FromTubs = memo(function FromTubs({ parts, chosen, change, units, fault }: Props) {
  if (parts.length === 0 && chosen.length === 0) return null;
  return (
    <Box role="group" aria-label="Parts from tubs">
      {chosen.map((c) => (
        <Row key={c.formulaId} wrap gap={1} align="baseline" between>
          <Text strong>
            {c.name} from tub <Link to={`/keep/lots/${c.lotId}`}>{c.code}</Link>
          </Text>
          <Button
            size="small"
            aria-label={`Make ${c.name} for it instead`}
            onClick={() => change({ fromTubs: chosen.filter((other) => other !== c) })}
          >
            Make it instead
          </Button>
        </Row>
      ))}
      {fault && <Note tone="tomato">{fault}</Note>}
      {parts.map((p) => (
        <Offer
          key={p.formulaId}
          part={p}
          units={units}
          onTake={(lotId, code) =>
            change({
              fromTubs: [...chosen, { formulaId: p.formulaId, lotId, code, name: p.name }],
            })
          }
        />
      ))}
    </Box>
  );
});

interface OfferProps {
  part: PartView;
  units: Units;
  onTake: (lotId: string, code: string) => void;
}
function Offer({ part, units, onTake }: OfferProps) {
  const { data } = useReady(part.formulaId, part.massKilograms, 1);
  const lot = data?.lots.find((l) => !l.frozen && l.massKilograms >= part.massKilograms - 0.05);
  if (!lot) return null;
  return (
    <Row wrap gap={1} align="baseline" between>
      <Text size="note">
        {part.name} is there: {show.text(show.mass(part.massKilograms, units))} from tub {lot.code}
      </Text>
      <Button
        size="small"
        aria-label={`Take ${part.name} from tub ${lot.code}`}
        onClick={() => onTake(lot.id, lot.code)}
      >
        Take it
      </Button>
    </Row>
  );
}
