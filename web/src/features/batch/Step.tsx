import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { Looks, type Look } from '../../ui/Looks';
import { Text } from '../../ui/text';
import { besideStep, StepItem } from './batch.styles';

interface Props {
  hour: string;
  now: boolean;
  what: string;
  detail: string;
  looks?: Look[];
  /** More to be read, below the detail. */
  words?: ReactNode;
  children?: ReactNode;
}

/** One thing to do: when, what, and how to know that it is done. */
export function Step({ hour, now, what, detail, looks = [], words, children }: Props) {
  // Beside the cue, or below it where there is something to press.
  const before = looks.length > 0 && (
    <Looks looks={looks} label={`${what}: how it looked before`} />
  );
  return (
    <StepItem now={now}>
      <Text tone={now ? 'alarm' : 'ink'} size="step" figures>
        {now ? 'now' : hour}
      </Text>
      <Box sx={{ minWidth: 0 }}>
        <Text size="lead" strong long>
          {what}
        </Text>
        {detail && (
          <Text tone="muted" size="note">
            {detail}
          </Text>
        )}
        {words}
        {children ? before : null}
      </Box>
      {children || (before && <Box sx={besideStep}>{before}</Box>)}
    </StepItem>
  );
}
