import { Box, Button } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { memo } from 'react';
import { client, type PlanView } from '../../api/client';
import { answered } from '../../api/problem';
import { show } from '../../quantities';
import { BareList, Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import type { PlanForm } from './form';

interface Props {
  formulaId: string;
  stages: PlanView['stages'];
  chosen: PlanForm['stageMinutes'];
  change: (to: Partial<PlanForm>) => void;
}

/** So far off the minutes as written, they are worth a word. */
const TELLING_SHARE = 0.15;
const TELLING_SECONDS = 90;

const minutesOf = (seconds: number) => Math.max(1, Math.round(seconds / 60));

/** Stages that take longer or shorter in this kitchen than they are written, to be planned so. */
export const StageTimes = memo(function StageTimes({ formulaId, stages, chosen, change }: Props) {
  const { data: times = [] } = useQuery({
    queryKey: ['batches', 'stage-times', formulaId],
    queryFn: () =>
      answered(client.GET('/api/batches/stage-times', { params: { query: { formulaId } } })),
    staleTime: 60_000,
  });
  const rows = stages.flatMap((stage, place) => {
    const time = times.find((t) => t.title === stage.title);
    const isChosen = chosen.some((c) => c.stage === place);
    const off = Math.abs((time?.seconds ?? 0) - stage.seconds);
    const tells = off > Math.max(TELLING_SECONDS, TELLING_SHARE * stage.seconds);
    return time && (isChosen || (tells && stage.seconds > 0))
      ? [{ stage, place, time, isChosen }]
      : [];
  });
  if (rows.length === 0) return null;
  const others = (place: number) => chosen.filter((c) => c.stage !== place);
  return (
    <Box component="section" aria-label="As it goes here">
      <BareList>
        {rows.map(({ stage, place, time, isChosen }) => (
          <Row key={stage.title} as="li" align="baseline" between wrap gap={1}>
            <Text size="note">
              {stage.title} took {show.text(show.span(time.seconds))} here
              {time.times > 1 ? `, ${time.times} times` : ''}
            </Text>
            <Button
              size="small"
              onClick={() =>
                change({
                  stageMinutes: isChosen
                    ? others(place)
                    : [...others(place), { stage: place, minutes: minutesOf(time.seconds) }],
                })
              }
            >
              {isChosen ? `${stage.title} as written` : `Plan ${minutesOf(time.seconds)} min`}
            </Button>
          </Row>
        ))}
      </BareList>
    </Box>
  );
});
