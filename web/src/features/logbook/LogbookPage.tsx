import { Button } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { useKitchen } from '../../api/kitchen';
import { useLogbook } from '../../api/logbook';
import { ActButton } from '../../ui/ActButton';
import { Page } from '../../ui/Page';
import { ServiceList } from '../../ui/ServiceList';
import { TextLine } from '../../ui/fields';
import { BareList } from '../../ui/layout';
import { Text } from '../../ui/text';
import { LogEntry } from './LogEntry';
import { Rates } from './Rates';
import { Coming } from '../../ui/Pending';

const MOST_COMPARED = 4;

/** What happened, plan against outcome. */
export function LogbookPage() {
  const { data: kitchen } = useKitchen();
  const [words, setWords] = useState('');
  const { data, error, hasNextPage, fetchNextPage } = useLogbook(words.trim());
  const [chosen, setChosen] = useState<string[]>([]);
  const entries = data?.pages.flatMap((page) => page.entries) ?? [];
  const choose = (id: string) =>
    setChosen((c) =>
      c.includes(id) ? c.filter((one) => one !== id) : [...c, id].slice(-MOST_COMPARED),
    );
  return (
    <Page
      title="Logbook"
      sub="what was planned, what happened"
      step="Log"
      acts={<LogActs words={words.trim()} chosen={chosen} />}
    >
      <Coming error={error} come={data !== undefined} />
      <TextLine label="Find in name, pot and notes" text={words} onText={setWords} />
      {data && entries.length === 0 && (
        <Text>
          {words
            ? 'No finished batch has all of these words.'
            : 'No batch is finished yet. When one comes off the heat, it stands here with its plan.'}
        </Text>
      )}
      <BareList aria-label="Finished batches">
        {kitchen &&
          entries.map((entry) => (
            <LogEntry
              key={entry.id}
              entry={entry}
              kitchen={kitchen}
              chosen={chosen.includes(entry.id)}
              onChoose={() => choose(entry.id)}
            />
          ))}
      </BareList>
      {hasNextPage && (
        <ActButton
          variant="outlined"
          onAct={() => fetchNextPage()}
          sx={{ alignSelf: 'flex-start' }}
        >
          Earlier ones
        </ActButton>
      )}
      {!words && <ServiceList title="Services: planned and done" over />}
      {kitchen && !words && <Rates zone={kitchen.settings.zone} />}
    </Page>
  );
}

function LogActs({ words, chosen }: { words: string; chosen: string[] }) {
  return (
    <>
      <Button
        variant="outlined"
        component="a"
        href={`/api/logbook/export.csv?words=${encodeURIComponent(words)}`}
        download="logbook.csv"
      >
        Export as a table
      </Button>
      <Button
        variant="contained"
        component={Link}
        to={`/logbook/compare?ids=${chosen.join(',')}`}
        disabled={chosen.length < 2}
      >
        Compare {chosen.length > 1 ? chosen.length : ''}
      </Button>
    </>
  );
}
