import { useState } from 'react';
import { Button } from '@mui/material';
import type { ServiceView } from '../../../api/client';
import { show } from '../../../quantities';
import { ActButton } from '../../../ui/ActButton';
import { BareList, Column, Row } from '../../../ui/layout';
import { Text } from '../../../ui/text';
import type { Say } from './useSay';

const FIRST = 6;
type Said = ServiceView['log'][number];

const WORDS: Record<Said['kind'], (s: Said) => string> = {
  BEGAN: (s) => `begun: ${s.what}`,
  ENDED: (s) => `done: ${s.what}`,
  AS_PLANNED: (s) => s.what,
  TAKES_LONGER: (s) =>
    s.minutes === undefined ? `longer: ${s.what}` : `${s.minutes} min longer: ${s.what}`,
  WANTED: (s) => `stays where it was put: ${s.what}`,
  LET_GO: (s) => `may be moved: ${s.what}`,
  MOVED: (s) => `stands elsewhere: ${s.what}`,
  COOK_LEFT: (s) => `left: ${s.what}`,
  COOK_CAME: (s) => `here: ${s.what}`,
  FAILED: (s) => `does not work: ${s.what}`,
  MENDED: (s) => `works again: ${s.what}`,
  MEAL_CHANGED: () => 'the meal has changed',
  TAKEN_BACK: (s) => `taken back: ${s.what}`,
};

/** What the meal is now is changed in the meal. */
const canGoBack = (s: Said): boolean => !s.takenBack && s.kind !== 'MEAL_CHANGED';

/** What was said, the last first, each to be taken back. */
export function SaidLog({ service, say, zone }: { service: ServiceView; say: Say; zone: string }) {
  const [all, setAll] = useState(false);
  const shown = all ? service.log : service.log.slice(0, FIRST);
  return (
    <Column gap={1}>
      <Text variant="h2">What was said</Text>
      {service.log.length === 0 && <Text tone="muted">Nothing yet.</Text>}
      <BareList aria-label="What was said">
        {shown.map((s) => (
          <Row as="li" key={s.id} gap={1} sx={{ justifyContent: 'space-between' }}>
            <Text size="note" long tone={s.takenBack ? 'muted' : 'ink'}>
              {show.hour(s.at, zone)} {s.takenBack ? <s>{WORDS[s.kind](s)}</s> : WORDS[s.kind](s)}
              {s.who === 'the pot' && ' · the pot'}
            </Text>
            {canGoBack(s) && service.endedAt === undefined && (
              <ActButton
                size="small"
                sx={{ whiteSpace: 'nowrap', flexShrink: 0 }}
                aria-label={`Take back: ${WORDS[s.kind](s)}`}
                onAct={() => say('TAKEN_BACK', { entryId: s.id })}
              >
                take back
              </ActButton>
            )}
          </Row>
        ))}
      </BareList>
      {service.log.length > FIRST && (
        <Button onClick={() => setAll(!all)} sx={{ alignSelf: 'start' }}>
          {all ? 'The last only' : `All ${service.log.length}`}
        </Button>
      )}
    </Column>
  );
}
