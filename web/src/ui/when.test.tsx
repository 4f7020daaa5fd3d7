import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import { ThemeProvider } from '@mui/material';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { itIs, kitchen } from '../test/stove';
import { theme } from '../theme/theme';
import { When, happened, whenFault } from './When';

beforeEach(() => itIs('2026-03-02T15:00:00Z'));
afterEach(() => itIs(new Date().toISOString()));

const typed = (text: string) => {
  const queries = new QueryClient();
  queries.setQueryData(['kitchen'], kitchen);
  render(
    <ThemeProvider theme={theme}>
      <QueryClientProvider client={queries}>
        <When text={text} onText={() => undefined} />
      </QueryClientProvider>
    </ThemeProvider>,
  );
};

it.each([
  ['', 'now'],
  ['15:30', '15:30 today'],
  ['3:30 pm', '15:30 today'],
  ['16:30', '16:30 yesterday'],
])('%s is understood as %s', (text, words) => {
  typed(text);
  expect(screen.getByText(words)).toBeInTheDocument();
});

it('refuses what is no hour, and a date, which nobody would read', () => {
  typed('2026-03-01 15:30');
  expect(screen.getByRole('alert')).toHaveTextContent('Type the hour alone');
  expect(whenFault('soon')).toContain('Type an hour');
  expect(whenFault('')).toBeUndefined();
});

it('sends an hour only where one was typed', () => {
  expect(happened('')).toEqual({});
  expect(happened('6:05pm')).toEqual({ happenedLocalTime: '18:05' });
});
