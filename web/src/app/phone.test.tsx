import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { serve, show } from '../test/stove';
import { Boundary } from './Boundary';
import { NowherePage } from './NowherePage';
import { PhoneBar } from './PhoneBar';
import { PLACES } from './places';

/** As narrow as a phone: every question about the screen is answered yes. */
const narrow = () =>
  vi.stubGlobal('matchMedia', (media: string) => ({
    media,
    matches: true,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
    addListener: () => undefined,
    removeListener: () => undefined,
  }));

beforeEach(() => {
  serve({});
});
afterEach(() => vi.unstubAllGlobals());

it('has four places at the thumb, and all the rest under More: none is hidden', async () => {
  narrow();
  show(<PhoneBar />);
  const bar = screen.getByRole('navigation', { name: 'Places' });
  const atHand = within(bar)
    .getAllByRole('link')
    .map((l) => l.textContent);
  expect(atHand).toEqual(['Today', 'Plan', 'Pots', 'Keep']);
  await userEvent.click(within(bar).getByRole('button', { name: 'More' }));
  const more = screen.getByRole('dialog', { name: 'More' });
  const rest = within(within(more).getByRole('navigation', { name: 'More places' }))
    .getAllByRole('link')
    .map((l) => l.textContent);
  expect([...atHand, ...rest].toSorted()).toEqual(PLACES.map((p) => p.name).toSorted());
  await userEvent.click(within(more).getByRole('button', { name: 'Close' }));
  await waitFor(() => expect(screen.queryByRole('dialog')).not.toBeInTheDocument());
});

it('says of an unknown address that nothing is there, and does not become another page', () => {
  show(<NowherePage />, '/sauces/of/old');
  expect(screen.getByRole('heading', { name: 'There is nothing here' })).toBeInTheDocument();
  expect(screen.getByText('no page has the address /sauces/of/old')).toBeInTheDocument();
});

function Broken(): never {
  throw new Error('a chunk that did not come');
}

it('leaves no page white: what fails says so, with two ways out', () => {
  const quiet = vi.spyOn(console, 'error').mockImplementation(() => undefined);
  show(
    <Boundary>
      <Broken />
    </Boundary>,
  );
  expect(screen.getByRole('alert')).toHaveTextContent('What you typed is kept here.');
  expect(screen.getByRole('button', { name: 'Load it again' })).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'Go to Today' })).toHaveAttribute('href', '/today');
  quiet.mockRestore();
});
