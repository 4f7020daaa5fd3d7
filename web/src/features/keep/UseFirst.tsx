import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import type { KitchenView, LotView } from '../../api/client';
import { fillOf, useLots } from '../../api/lots';
import { sizes } from '../../theme/tokens';
import { Tub } from '../../ui/Tub';
import { Ideas } from './Ideas';
import { due, holding } from './lotWords';
import { BareList, Row } from '../../ui/layout';
import { Text, type Tone } from '../../ui/text';
import { LotLine } from './keep.styles';

const TONES: Record<ReturnType<typeof due>['tone'], Tone> = {
  alarm: 'alarm',
  wait: 'warn',
  good: 'good',
  cold: 'cold',
};

/** All tubs in the order of use. */
export function UseFirst({ kitchen, now }: { kitchen: KitchenView; now: number }) {
  const { data: lots } = useLots();
  return (
    <Box component="section" aria-label="Use first" sx={{ minWidth: 0 }}>
      <Row gap={0} align="baseline" between sx={{ borderBottom: 1, borderColor: 'divider' }}>
        <Text variant="h2">Use first</Text>
        <Button component={Link} to="/keep/trace" sx={{ fontSize: sizes.small }}>
          Trace and recall
        </Button>
      </Row>
      {lots?.length === 0 && (
        <Text sx={{ mt: 1 }}>No tub yet. What is cold in time goes into tubs, with a label.</Text>
      )}
      <BareList>
        {lots?.map((lot) => (
          <LotRow key={lot.id} lot={lot} kitchen={kitchen} now={now} />
        ))}
      </BareList>
      <Button variant="outlined" component={Link} to="/keep/put-away" sx={{ mt: 1.5 }}>
        Put something away
      </Button>
      <Ideas units={kitchen.settings.units} />
    </Box>
  );
}

function LotRow({ lot, kitchen, now }: { lot: LotView; kitchen: KitchenView; now: number }) {
  const { text, tone } = due(lot, now, kitchen.settings.zone);
  return (
    <LotLine>
      <Tub frozen={lot.state === 'FROZEN'} due={tone === 'alarm'} fill={fillOf(lot)} />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Text
          component={Link}
          to={`/keep/lots/${lot.id}`}
          tone="ink"
          bold
          long
          sx={{ textDecoration: 'none', '&:hover': { textDecoration: 'underline' } }}
        >
          {lot.name}
        </Text>
        <Text tone="muted" size="small">
          {holding(lot, kitchen.settings.units)} · {lot.code}
        </Text>
      </Box>
      <Text component="span" figures size="lead" whole tone={TONES[tone]}>
        {text}
      </Text>
    </LotLine>
  );
}
