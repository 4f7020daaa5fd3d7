import { useState } from 'react';
import type { ServiceView } from '../../../api/client';
import { ActButton } from '../../../ui/ActButton';
import { TextLine } from '../../../ui/fields';
import { BareList, Column, Row } from '../../../ui/layout';
import { Text } from '../../../ui/text';
import type { Say } from './useSay';

/** Who is there and what works: hands and burners as they come and go. */
export function Crew({ service, say }: { service: ServiceView; say: Say }) {
  const [name, setName] = useState('');
  const came = async () => {
    await say('COOK_CAME', { by: name });
    setName('');
  };
  return (
    <Column gap={1}>
      <Text variant="h2">Hands and burners</Text>
      <BareList aria-label="Hands and burners">
        {service.cooks.map((c) => (
          <Item key={c.name} name={c.name} state={c.here ? '' : 'not here'}>
            {c.here ? (
              <ActButton onAct={() => say('COOK_LEFT', { by: c.name })}>has left</ActButton>
            ) : (
              <ActButton onAct={() => say('COOK_CAME', { by: c.name })}>is here</ActButton>
            )}
          </Item>
        ))}
        {service.bench.lanes
          .filter((l) => l.kind !== 'COOK')
          .map((l) => {
            const failed = service.failedLaneIds.includes(l.id);
            return (
              <Item key={l.id} name={l.name} state={failed ? 'does not work' : ''}>
                {failed ? (
                  <ActButton onAct={() => say('MENDED', { laneId: l.id })}>works again</ActButton>
                ) : (
                  <ActButton onAct={() => say('FAILED', { laneId: l.id })}>has failed</ActButton>
                )}
              </Item>
            );
          })}
      </BareList>
      <Row gap={1} wrap sx={{ alignItems: 'end' }}>
        <TextLine label="Somebody else came" text={name} onText={setName} />
        <ActButton variant="outlined" disabled={name.trim() === ''} onAct={came}>
          Count on them
        </ActButton>
      </Row>
      <Text variant="h2">Other covers, other dishes</Text>
      <Text tone="muted" size="note">
        Write them in the meal; what has begun stays as it was.
      </Text>
      <ActButton variant="outlined" onAct={() => say('MEAL_CHANGED')} sx={{ alignSelf: 'start' }}>
        Cook the meal as it is written now
      </ActButton>
    </Column>
  );
}

interface ItemProps {
  name: string;
  state: string;
  children: React.ReactNode;
}

function Item({ name, state, children }: ItemProps) {
  return (
    <Row
      as="li"
      gap={1}
      wrap
      aria-label={name}
      sx={{ justifyContent: 'space-between', alignItems: 'center' }}
    >
      <Text long>
        {name}
        {state && (
          <Text component="span" tone="alarm" strong>
            {' '}
            {state}
          </Text>
        )}
      </Text>
      {children}
    </Row>
  );
}
