import { Box } from '@mui/material';
import { useEffect, useRef, type ReactNode } from 'react';
import { useLocation } from 'react-router';
import { Journey, type Job, type JourneyStep } from './Journey';
import { Row } from './layout';
import { Text } from './text';
import { PageActs, PageBody } from './ui.styles';

export type { JourneyStep } from './Journey';

interface Props {
  title: string;
  sub: string;
  step?: JourneyStep;
  job?: Job;
  acts?: ReactNode;
  children: ReactNode;
}
const NO_JOB: Job = {};

/** Title, the line of the journey, and what the page is for. */
export function Page({ title, sub, step, job = NO_JOB, acts, children }: Props) {
  return (
    <PageBody>
      <title>{`${title} · Urn Stew`}</title>
      <Row as="header" gap={2} wrap between>
        <Box sx={{ minWidth: 0, flex: '1 1 20rem' }}>
          <Heading title={title} />
          <Text tone="muted">{sub}</Text>
        </Box>
        <PageActs>
          {step && <Journey at={step} job={job} />}
          {acts && <Row wrap>{acts}</Row>}
        </PageActs>
      </Row>
      {children}
    </PageBody>
  );
}

/** Whoever comes to a page by keyboard or by ear begins at its heading. */
function Heading({ title }: { title: string }) {
  const heading = useRef<HTMLHeadingElement>(null);
  const { pathname } = useLocation();
  useEffect(() => {
    const at = document.activeElement;
    const isElsewhere = at !== null && at !== document.body && at.closest('main') !== null;
    if (!isElsewhere) heading.current?.focus({ preventScroll: true });
  }, [pathname]);
  return (
    <Text ref={heading} variant="h1" long tabIndex={-1} sx={{ outline: 'none' }}>
      {title}
    </Text>
  );
}
