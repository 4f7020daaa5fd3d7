import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { expect, it } from 'vitest';
import type { CoolingPreview } from '../../api/client';
import { serve, server } from '../../test/stove';
import { CoolPage } from './CoolPage';
import { PutAwayPage } from './PutAwayPage';
import { cooling, kitchen, setup, show } from './keep.fixtures';

const shelf = [{ id: 'ridge-ragu', name: 'Ridge ragù', servings: [] }];
const pages = {
  '/api/kitchen': kitchen,
  '/api/formulas': shelf,
  '/api/logbook': {
    entries: [
      {
        id: 'b9',
        name: 'Plain marinara',
        endedAt: '2026-03-02T15:00:00Z',
        finalMassKilograms: 4.2,
      },
    ],
  },
};

/** Answers of posts by path; what was posted is kept. */
function posts(answers: Record<string, () => Response>) {
  const posted: { path: string; body: Record<string, unknown> }[] = [];
  server.use(
    http.post('*', async ({ request }) => {
      const path = new URL(request.url).pathname;
      posted.push({ path, body: (await request.json()) as Record<string, unknown> });
      return answers[path]?.() ?? HttpResponse.json({}, { status: 201 });
    }),
  );
  return posted;
}
const refusal = (pointer: string, message: string) =>
  HttpResponse.json(
    {
      title: 'x',
      status: 422,
      detail: message,
      errors: [{ pointer, code: 'c', message, limit: '', remedy: 'Look again.' }],
    },
    { status: 422, headers: { 'content-type': 'application/problem+json' } },
  );

const chosen = {
  verdict: 'MAKES_IT',
  clockSeconds: 0,
  setup: { ...setup, pan: 'Gastro tin' },
  marks: [
    { celsius: 21, section: 's', withinSeconds: 7200, likelySeconds: 4200, slowSeconds: 5100 },
  ],
};
const forecast = {
  chosen,
  ifStirred: chosen,
  ways: [],
  ruleSetName: 'FDA Food Code 2022',
  workings: [],
} as unknown as CoolingPreview;

it('says whether it will be cold in time before anything is poured, then cools it as it is typed', async () => {
  serve(pages);
  const posted = posts({ '/api/keepings/cooling-preview': () => HttpResponse.json(forecast) });
  show(<CoolPage />);
  expect(await screen.findByText(/Say what it is and how much/)).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'It is cooling' })).toBeDisabled();
  await screen.findByRole('option', { name: /^Plain marinara, off/ });
  await userEvent.selectOptions(screen.getByLabelText('What'), 'batch:b9');
  expect(screen.getByLabelText('How much')).toHaveValue('4.20 kg');
  const degrees = screen.getByLabelText('How hot it is now, all through');
  await userEvent.clear(degrees);
  await userEvent.type(degrees, '82');
  await waitFor(() =>
    expect(posted.at(-1)).toMatchObject({
      path: '/api/keepings/cooling-preview',
      body: { startCelsius: 82, what: { batchId: 'b9', massKilograms: 4.2 } },
    }),
  );
  await userEvent.click(screen.getByRole('button', { name: 'It is cooling' }));
  await waitFor(() => expect(posted.some((p) => p.path === '/api/keepings/coolings')).toBe(true));
  expect(posted.find((p) => p.path === '/api/keepings/coolings')?.body).toMatchObject({
    what: { batchId: 'b9', massText: '4.20 kg' },
    startCelsius: 82,
    setup: { vesselId: 'tin', count: 1 },
  });
});

it('keeps what is typed where it is more than was made, and asks for the reason', async () => {
  serve(pages);
  const posted = posts({
    '/api/keepings/cooling-preview': () => HttpResponse.json(forecast),
    '/api/keepings/coolings': () =>
      refusal('/what/massKilograms', 'Of this batch 1.20 kg are left to keep.'),
  });
  show(<CoolPage />);
  await screen.findByRole('option', { name: /^Plain marinara, off/ });
  await userEvent.selectOptions(screen.getByLabelText('What'), 'batch:b9');
  await userEvent.click(screen.getByRole('button', { name: 'It is cooling' }));
  expect(await screen.findByText(/1.20 kg are left to keep/)).toBeInTheDocument();
  expect(screen.getByLabelText('How much')).toHaveValue('4.20 kg');
  expect(posted.filter((p) => p.path === '/api/keepings/coolings')).toHaveLength(1);
});

const tubs = {
  tubs: 5,
  eachCubicMeters: 0.001,
  lastCubicMeters: 0.0004,
  freezingSeconds: 0,
  useBy: '2026-03-08',
  fitness: 'WELL',
  fitnessSays: [],
  declaration: { allergens: [], asked: [], diets: [], unknown: [], inWords: '' },
};

it('puts away what was cold in time, with its tubs and its date before it is done', async () => {
  const cold = { ...cooling({ action: 'PUT_AWAY' }), name: 'Cold ragù' };
  serve({ ...pages, '/api/keepings': [cold] });
  const posted = posts({ '/api/lots/preview': () => HttpResponse.json(tubs) });
  show(<PutAwayPage />);
  await screen.findByRole('option', { name: /^Cold ragù/ });
  await userEvent.selectOptions(screen.getByLabelText('From'), 'k1');
  expect(screen.queryByLabelText('Why no cooling is recorded')).toBeNull();
  await waitFor(() =>
    expect(posted.at(-1)).toMatchObject({
      path: '/api/lots/preview',
      body: { keepingId: 'k1', tubCubicMeters: 0.001, placeId: 'walk-in' },
    }),
  );
  expect(await screen.findByText(/5 tubs/)).toBeInTheDocument();
  await userEvent.selectOptions(screen.getByLabelText('Into'), 'chest');
  await userEvent.click(screen.getByRole('button', { name: 'It is put away' }));
  await waitFor(() => expect(posted.some((p) => p.path === '/api/lots')).toBe(true));
  expect(posted.find((p) => p.path === '/api/lots')?.body).toMatchObject({
    keepingId: 'k1',
    tubText: '1 l',
    placeId: 'chest',
  });
});

it('wants to know how it was cooled where no record shows it', async () => {
  serve(pages);
  const posted = posts({
    '/api/lots/preview': () => HttpResponse.json(tubs),
    '/api/lots': () => refusal('/uncooledBecause', 'Nothing here shows how it was cooled.'),
  });
  show(<PutAwayPage />);
  await screen.findByRole('option', { name: 'Ridge ragù' });
  await userEvent.selectOptions(screen.getByLabelText('What'), 'ridge-ragu');
  await userEvent.type(screen.getByLabelText('How much'), '2');
  await userEvent.click(screen.getByRole('button', { name: 'It is put away' }));
  expect(
    await screen.findByText(/Nothing here shows how it was cooled\. Look/),
  ).toBeInTheDocument();
  await userEvent.type(screen.getByLabelText('Why no cooling is recorded'), 'in ice, by Ida');
  await userEvent.click(screen.getByRole('button', { name: 'It is put away' }));
  await waitFor(() =>
    expect(posted.at(-1)?.body).toMatchObject({
      uncooledBecause: 'in ice, by Ida',
      what: { formulaId: 'ridge-ragu', massKilograms: 2, massText: '2 kg' },
    }),
  );
});
