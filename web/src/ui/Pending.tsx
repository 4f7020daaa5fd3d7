import { Skeleton } from '@mui/material';
import { useEffect, useState } from 'react';
import type { JourneyStep } from './Journey';
import { Note } from './Note';
import { Page } from './Page';
import { Column, Row } from './layout';
import { BonesGrid } from './ui.styles';

/** Sooner than this nothing moves: a quick answer does not flicker. */
const QUIET_MS = 200;
const LINES = ['62%', '48%', '55%', '34%'];
const ROWS = [1, 2, 3, 4, 5, 6];
const COLUMNS = [1, 2, 3];

/** What will stand there: things below each other, or a sheet in columns. */
type Shape = 'rows' | 'columns';

/** Lines in the shape of what will stand there. */
export function Bones({ shape = 'rows' }: { shape?: Shape }) {
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setSeen(true), QUIET_MS);
    return () => clearTimeout(timer);
  }, []);
  if (!seen) return null;
  return (
    <div role="status" aria-label="Being fetched">
      {shape === 'rows' ? <RowsToCome /> : <ColumnsToCome />}
    </div>
  );
}

/** A mark, a name and what is said of it, line by line. */
const RowsToCome = () => (
  <Column gap={1.5}>
    {ROWS.map((row) => (
      <Row key={row} align="center" gap={1.5}>
        <Skeleton variant="rounded" height={36} width={28} />
        <Skeleton variant="rounded" height={22} width={LINES[row % LINES.length] ?? '50%'} />
      </Row>
    ))}
  </Column>
);

/** Fields at the left, the picture in the middle, words at the right. */
const ColumnsToCome = () => (
  <BonesGrid>
    {COLUMNS.map((column) => (
      <Column key={column} gap={1.5}>
        <Skeleton variant="rounded" height={column === 2 ? 180 : 44} width="100%" />
        {LINES.map((width) => (
          <Skeleton key={width} variant="rounded" height={22} width={width} />
        ))}
      </Column>
    ))}
  </BonesGrid>
);

/** Says why what a page is about is not there, or that it is on its way. */
export function Coming({
  error,
  come,
  shape = 'rows',
}: {
  error: Error | null | undefined;
  come: boolean;
  shape?: Shape;
}) {
  if (error) return <Note tone="tomato">{error.message}</Note>;
  return come ? null : <Bones shape={shape} />;
}

interface Props {
  title: string;
  sub?: string;
  step?: JourneyStep;
  shape?: Shape;
  error?: Error | null | undefined;
}

/** A page whose figures are still asked for, or cannot be had. */
export function Pending({ title, sub = '', step, shape = 'rows', error }: Props) {
  return (
    <Page title={title} sub={sub} {...(step ? { step } : {})}>
      <Coming error={error} come={false} shape={shape} />
    </Page>
  );
}
