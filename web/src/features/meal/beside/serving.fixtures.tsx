import { screen } from '@testing-library/react';
import { http, HttpResponse } from 'msw';
import { Route, Routes } from 'react-router';
import type { BesideSheet, MealSheet, MealView } from '../../../api/client';
import { kitchen, serve, server, show } from '../../../test/stove';
import { dish, meal, shelf } from '../meal.fixtures';
import { tables } from './beside.fixtures';
import { ServingPage } from './ServingPage';

const sheet = (besides: BesideSheet[], hour?: string): MealSheet => ({
  name: 'Feast',
  packGoal: 'LEAST_COST',
  servedLocalTime: '18:30',
  dishes: [
    {
      formulaId: 'ragu',
      schools: [],
      covers: 12,
      servingMassKilograms: 0.12,
      servingText: '120 g',
      groups: [],
      besides,
      ...(hour ? { servedLocalTime: hour } : {}),
    },
  ],
});

/** A kitchen that keeps the meal, with what goes with its dish already reckoned. */
export async function stove(
  besides: BesideSheet[],
  views: object[],
  over: object = {},
  hour?: string,
) {
  const kept: MealSheet[] = [];
  const views_ = views.map((v) => ({
    name: 'It',
    covers: 3,
    rawMassKilograms: 0.5,
    warnings: [],
    ...v,
  }));
  const stored = {
    ...meal([dish({ besides: views_, ...over })]),
    id: 'm1',
    version: 4,
    sheet: sheet(besides, hour),
  } as MealView;
  serve({
    '/api/kitchen': kitchen,
    '/api/meals/m1': stored,
    '/api/formulas': shelf,
    '/api/serving/tables': tables,
  });
  server.use(
    http.put('*/api/meals/m1', async ({ request }) => {
      const to = (await request.json()) as MealSheet;
      kept.push(to);
      return HttpResponse.json({ ...stored, sheet: to, version: 5 });
    }),
  );
  show(
    <Routes>
      <Route path="/meals/:id/dishes/:place" element={<ServingPage />} />
    </Routes>,
    '/meals/m1/dishes/1',
  );
  await screen.findByText('On the plate');
  return kept;
}
