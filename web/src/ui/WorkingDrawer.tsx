import { Box, Button, Drawer, Typography } from '@mui/material';
import { useCallback, useState, type ReactNode } from 'react';
import type { Influence, Working } from '../api/client';
import { show } from '../quantities';
import { sizes } from '../theme/tokens';
import { WorkingContext, type OpenWorking } from './working';

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
      <Typography variant="h2">{title}</Typography>
      <Typography>{working.inWords}</Typography>
      <Typography
        sx={{ bgcolor: 'background.default', p: 1.5, borderRadius: 1, overflowWrap: 'anywhere' }}
      >
        {working.formula}
      </Typography>
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
  if (answer === 'asking') return <Typography role="status">Computing…</Typography>;
  if (answer === 'failed')
    return (
      <Typography role="alert">That could not be computed now. Mend the fields first.</Typography>
    );
  return (
    <Box>
      <Typography variant="caption" component="h3">
        Moves it most
      </Typography>
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
    <Box
      sx={{
        display: 'flex',
        justifyContent: 'space-between',
        gap: 2,
        borderBottom: 1,
        borderColor: 'divider',
        py: 0.5,
      }}
    >
      <Typography component="dt">{name}</Typography>
      <Typography component="dd" sx={{ m: 0, fontWeight: 600, textAlign: 'right', flexShrink: 0 }}>
        {value}
      </Typography>
    </Box>
  );
}

function Section({ title, lines }: { title: string; lines: string[] }) {
  if (lines.length === 0) return null;
  return (
    <Box>
      <Typography variant="caption" component="h3" sx={{ color: 'text.secondary' }}>
        {title}
      </Typography>
      {lines.map((line) => (
        <Typography key={line}>{line}</Typography>
      ))}
    </Box>
  );
}
