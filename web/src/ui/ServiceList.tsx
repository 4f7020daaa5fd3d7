import { Box } from '@mui/material';
import { Link } from 'react-router';
import { useKitchen } from '../api/kitchen';
import { useServices } from '../api/services';
import { show } from '../quantities';
import { BareList, RuledRow } from './layout';
import { Text } from './text';

const LAST = 5;

interface Props {
  title: string;
  /** Only those that are over: what was planned, and what was done. */
  over?: boolean;
}

/** Services that go on, and the last that are over. */
export function ServiceList({ title, over = false }: Props) {
  const { data: services = [] } = useServices();
  const { data: kitchen } = useKitchen();
  const shown = services.filter((s) => !over || s.endedAt !== undefined).slice(0, LAST);
  if (shown.length === 0 || !kitchen) return null;
  const { zone } = kitchen.settings;
  return (
    <>
      <Text variant="h2">{title}</Text>
      <BareList aria-label="Services" sx={{ mb: 3 }}>
        {shown.map((s) => (
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
                : `over since ${show.day(s.endedAt, zone)}, ${show.hour(s.endedAt, zone)}`}
            </Text>
          </RuledRow>
        ))}
      </BareList>
    </>
  );
}
