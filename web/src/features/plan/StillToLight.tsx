import { Button } from '@mui/material';
import type { KitchenView } from '../../api/client';
import { shareOf, type PlanForm, type PotShare } from './form';
import { Row, Well } from '../../ui/layout';
import { Text, Span } from '../../ui/text';

interface Props {
  shares: PotShare[];
  vessels: KitchenView['vessels'];
  vesselId: string | undefined;
  change: (to: Partial<PlanForm>) => void;
}

/** The other pots of a batch, until each is lit: no half of it is forgotten. */
export function StillToLight({ shares, vessels, vesselId, change }: Props) {
  if (shares.length === 0) return null;
  return (
    <Well aria-label="One batch, several pots" as="section">
      <Row between align="center">
        <Text strong>One batch over {shares.length} pots</Text>
        <Button size="small" onClick={() => change({ shares: [] })}>
          Only this pot
        </Button>
      </Row>
      {shares.map((s) => (
        <Row key={s.vesselId} between align="center">
          <span>
            {s.covers} in the {vessels.find((v) => v.id === s.vesselId)?.name ?? 'pot that is gone'}
          </span>
          {s.lit ? (
            <Span sx={{ px: 1 }}>lit</Span>
          ) : s.vesselId === vesselId ? (
            <Span strong sx={{ px: 1 }}>
              this plan
            </Span>
          ) : (
            <Button size="small" onClick={() => change(shareOf(shares, s))}>
              Plan this pot
            </Button>
          )}
        </Row>
      ))}
    </Well>
  );
}
