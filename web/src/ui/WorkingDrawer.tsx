import { Box, Button, Drawer } from '@mui/material';
import { useCallback, useState, type ReactNode } from 'react';
import type { Influence, Working } from '../api/client';
import { show } from '../quantities';
import { sizes } from '../theme/tokens';
import { WorkingContext, type OpenWorking } from './working';
import { Well } from './layout';
import { Text } from './text';
import { TermRow } from './ui.styles';

const SURE: Record<Working['confidence'], string> = {
  EXACT: 'Exact: definition or conservation of mass.',
  PUBLISHED: 'Good: a published relation within its range.',
  ASSUMED: 'A rule of thumb: an assumed coefficient. A reading will tell.',
  MEASURED: 'Corrected by readings from this very pot.',
};

interface Open {
  working: Working;
  title: string;
  influences?: (() => Promise<Influence[]>) | undefined;
}

/** Holds the one drawer in which any figure shows its working. */
export function WorkingProvider({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<Open>();
  const [open, setOpen] = useState(false);
  const show = useCallback<OpenWorking>((working, title, influences) => {
    setShown({ working, title, influences });
    setOpen(true);
  }, []);
  return (
    <WorkingContext value={show}>
      {children}
      <Drawer
        anchor="right"
        open={open}
        onClose={() => setOpen(false)}
        slotProps={{
          paper: {
            role: 'dialog',
            'aria-label': 'Working',
            sx: { width: sizes.drawer, maxWidth: '100vw', p: 3, gap: 1.5 },
          },
        }}
      >
        {shown && <Shown key={shown.title + shown.working.figure} {...shown} />}
        <Button variant="outlined" onClick={() => setOpen(false)}>
          Close
        </Button>
      </Drawer>
    </WorkingContext>
  );
}

function Shown({ working, title, influences }: Open) {
  return (
    <>
      <Text variant="h2">{title}</Text>
      <Text>{working.inWords}</Text>
      <Well on="paper">
        <Text long>{working.formula}</Text>
      </Well>
      <Box component="dl" sx={{ m: 0 }}>
        {working.terms.map((t) => (
          <Line
            key={t.name}
            name={`${t.name}${t.symbol ? `, ${t.symbol}` : ''}`}
            value={`${show.significant(t.value, 4)} ${t.unit}`}
          />
        ))}
      </Box>
      <Section title="Taken for granted" lines={working.assumptions} />
      <Section title="From" lines={working.sources} />
      <Section title="How sure" lines={[SURE[working.confidence]]} />
      {influences && <Moves ask={influences} />}
    </>
  );
}

function Moves({ ask }: { ask: () => Promise<Influence[]> }) {
  const [answer, setAnswer] = useState<Influence[] | 'asking' | 'failed'>();
  if (answer === undefined) {
    return (
      <Button
        variant="outlined"
        onClick={() => {
          setAnswer('asking');
          ask().then(setAnswer, () => setAnswer('failed'));
        }}
      >
        What moves it most?
      </Button>
    );
  }
  if (answer === 'asking') return <Text role="status">Computing…</Text>;
  if (answer === 'failed')
    return <Text role="alert">That could not be computed now. Mend the fields first.</Text>;
  return (
    <Box>
      <Text variant="caption" component="h3">
        Moves it most
      </Text>
      <Box component="dl" sx={{ m: 0 }}>
        {answer.map((i) => (
          <Line
            key={i.input}
            name={i.input}
            value={`${signed(i.lower)} / ${signed(i.higher)} ${i.unit}`}
          />
        ))}
      </Box>
    </Box>
  );
}

const signed = (value: number) => `${value > 0 ? '+' : ''}${show.significant(value, 2)}`;

function Line({ name, value }: { name: string; value: string }) {
  return (
    <TermRow>
      <Text component="dt">{name}</Text>
      <Text component="dd" strong end sx={{ m: 0, flexShrink: 0 }}>
        {value}
      </Text>
    </TermRow>
  );
}

function Section({ title, lines }: { title: string; lines: string[] }) {
  if (lines.length === 0) return null;
  return (
    <Box>
      <Text variant="caption" component="h3" tone="muted">
        {title}
      </Text>
      {lines.map((line) => (
        <Text key={line}>{line}</Text>
      ))}
    </Box>
  );
}
