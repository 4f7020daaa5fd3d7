import { Button } from '@mui/material';
import { useRef } from 'react';
import { Row } from '../../../ui/layout';
import { useAct } from '../../../ui/useAct';
import { useSay } from './useSay';

/** A cook's works into a calendar, and back from it where they were moved there. */
export function Calendar({ serviceId, cook }: { serviceId: string; cook: string }) {
  const picker = useRef<HTMLInputElement>(null);
  const { take } = useSay(serviceId);
  const { act } = useAct();
  return (
    <Row gap={1} wrap>
      <Button href={`/api/services/${serviceId}/works.ics?cook=${encodeURIComponent(cook)}`}>
        Into {cook}’s calendar, with alarms
      </Button>
      <Button onClick={() => picker.current?.click()}>Back from a calendar</Button>
      <input
        ref={picker}
        type="file"
        accept=".ics,text/calendar"
        hidden
        aria-label="Calendar"
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) act(async () => take(await file.text()));
          e.target.value = '';
        }}
      />
    </Row>
  );
}
