import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { file, problem, show, standIn } from '../../test/stove';
import { TableIn } from './TableIn';
import { tableParts } from './tableParts';

afterEach(() => vi.unstubAllGlobals());

const rows = (count: number) =>
  Array.from({ length: count }, (_, i) => `tin-${i},"Tin ${i}, large"`);
const table = (count: number) => ['id,name', ...rows(count)].join('\n');
const read = (taken: number, faults: object[] = []) =>
  new Response(JSON.stringify({ taken, unchanged: 0, faults }), {
    headers: { 'content-type': 'application/json' },
  });
const choose = (count: number) =>
  userEvent.upload(screen.getByLabelText('Pantry table'), file(table(count), 'pantry.csv'));

it('is cut into parts that each have the head, and says where each stood', () => {
  const parts = tableParts(table(600));
  expect(parts.map((p) => [p.rows, p.linesBefore])).toEqual([
    [250, 0],
    [250, 250],
    [100, 500],
  ]);
  expect(parts.every((p) => p.text.startsWith('id,name'))).toBe(true);
  expect(parts[1]?.text.split(/\r?\n/)[1]).toBe('tin-250,"Tin 250, large"');
  expect(tableParts(table(3))).toEqual([{ text: table(3), rows: 3, linesBefore: 0 }]);
  const long = ['id,name', ...Array.from({ length: 251 }, (_, i) => `t${i},"two\nlines"`)].join(
    '\n',
  );
  expect(tableParts(long)[1]?.linesBefore).toBe(500);
});

it('takes all parts in and reports by the lines of the whole', async () => {
  const asked = standIn(
    read(250),
    read(48, [
      { line: 3, column: 'water', what: 'Not a number.' },
      { line: 9, column: 'water', what: 'Too much.' },
    ]),
  );
  show(<TableIn />);
  await choose(300);
  expect(
    await screen.findByText('298 rows taken in, 0 said nothing new, 2 refused.'),
  ).toBeInTheDocument();
  expect(screen.getByText('Line 253, water: Not a number.')).toBeInTheDocument();
  expect(asked.filter((a) => a.path === '/api/pantry/table')).toHaveLength(2);
});

it('stops when it is told to, and says what was not looked at', async () => {
  const waiting: ((answer: Response) => void)[] = [];
  vi.stubGlobal('fetch', () => new Promise<Response>((answer) => waiting.push(answer)));
  show(<TableIn />);
  await choose(600);
  await waitFor(() => expect(waiting).toHaveLength(1));
  expect(screen.getByRole('progressbar')).toHaveAccessibleName('0 % of the rows are taken in');
  await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
  waiting[0]?.(read(250));
  expect(await screen.findByText(/350 rows were not looked at/)).toBeInTheDocument();
  expect(waiting).toHaveLength(1);
});

it('stops where the page is left', async () => {
  const waiting: ((answer: Response) => void)[] = [];
  vi.stubGlobal('fetch', () => new Promise<Response>((answer) => waiting.push(answer)));
  const { unmount } = show(<TableIn />);
  await choose(600);
  await waitFor(() => expect(waiting).toHaveLength(1));
  unmount();
  waiting[0]?.(read(250));
  await new Promise((done) => setTimeout(done, 50));
  expect(waiting).toHaveLength(1);
});

it('tells what came in before a refusal', async () => {
  standIn(read(250), problem(413, '', 'That is too much at once.', 'Send less.'));
  show(<TableIn />);
  await choose(300);
  expect(
    await screen.findByText('250 rows taken in, 0 said nothing new, 0 refused.'),
  ).toBeInTheDocument();
  expect(screen.getByText(/too much at once/)).toBeInTheDocument();
});
