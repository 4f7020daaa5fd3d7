import { Box } from '@mui/material';
import { Link } from 'react-router';
import { useKitchen } from '../../../api/kitchen';
import { useServices } from '../../../api/services';
import { show } from '../../../quantities';
import { BareList, RuledRow } from '../../../ui/layout';
import { Text } from '../../../ui/text';

const LAST = 5;

/** Services that go on, and the last that are over. */
export function ServiceList() {
  const { data: services = [] } = useServices();
  const { data: kitchen } = useKitchen();
  if (services.length === 0 || !kitchen) return null;
  const { zone } = kitchen.settings;
  return (
    <>
      <Text variant="h2">Going on, and over</Text>
      <BareList aria-label="Services" sx={{ mb: 3 }}>
        {services.slice(0, LAST).map((s) => (
          <RuledRow key={s.id}>
            <Box
              component={Link}
              to={`/services/${s.id}`}
              sx={{ fontWeight: 600, overflowWrap: 'anywhere' }}
            >
              {s.name}
            </Box>{' '}
            <Text component="span" tone={s.endedAt === undefined ? 'good' : 'muted'}>
              {s.endedAt === undefined
                ? `going on since ${show.hour(s.startedAt, zone)}`
                : `over since ${show.hour(s.endedAt, zone)}`}
            </Text>
          </RuledRow>
        ))}
      </BareList>
      <Text variant="h2">Meals</Text>
    </>
  );
}
