import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { http, HttpResponse } from 'msw';
import { expect, it } from 'vitest';
import { kitchen, serve, server, show } from '../../../test/stove';
import { tables } from '../beside/beside.fixtures';
import { PartsPage } from './PartsPage';

/** A server that notes what is asked, and answers with so much. */
async function open() {
  const asked: Record<string, object[]> = {};
  serve({ '/api/kitchen': kitchen, '/api/serving/tables': tables });
  server.use(
    http.post('*/api/serving/parts/:part', async ({ request, params }) => {
      const body = (await request.json()) as { flourMassKilograms?: number };
      (asked[String(params.part)] ??= []).push(body);
      if (params.part !== 'dough' || body.flourMassKilograms === 9)
        return HttpResponse.json(
          {
            detail: 'too much',
            status: 422,
            errors:
              params.part !== 'dough'
                ? []
                : [
                    {
                      pointer: '/flourMassKilograms',
                      code: 'c',
                      message: 'too much',
                      limit: '',
                      remedy: 'less',
                    },
                  ],
          },
          { status: 422, headers: { 'content-type': 'application/problem+json' } },
        );
      return HttpResponse.json({
        flourMassKilograms: 0.36,
        eggCount: 4,
        doughMassKilograms: 0.57,
        feel: 'SUPPLE',
        moreWetKilograms: 0,
        startFlourKilograms: 0.32,
        leastFlourKilograms: 0.35,
        mostFlourKilograms: 0.44,
        rolledSquareMeters: 0.477,
      });
    }),
  );
  show(<PartsPage />);
  await screen.findByText('Egg dough');
  return asked;
}

it('asks only with what is typed, and says what comes of it', async () => {
  const asked = await open();
  await waitFor(() => expect(asked.dough?.at(-1)).toMatchObject({ eggCount: 4 }));
  expect(asked.dough?.at(-1)).not.toHaveProperty('flourMassKilograms');
  expect(asked.balls?.at(-1)).toEqual({ mixMassKilograms: 0.68, count: 12 });
  expect(await screen.findByText('supple')).toBeVisible();
  expect(screen.getByText('begin with 320 g; by feel 350 g to 440 g')).toBeVisible();
});

it('keeps the answer while a field is not understood, and says so there', async () => {
  const asked = await open();
  await screen.findByText('supple');
  const before = asked.dough?.length;
  const flour = screen.getAllByLabelText('Flour')[0];
  await userEvent.type(flour as HTMLElement, 'lots');
  expect(screen.getByRole('alert')).toHaveTextContent('not understood');
  expect(asked.dough?.length).toBe(before);
  expect(screen.getByText('supple')).toBeVisible();
});

it('shows a refusal at its field', async () => {
  await open();
  const flour = screen.getAllByLabelText('Flour')[0];
  await userEvent.type(flour as HTMLElement, '9 kg');
  expect((await screen.findAllByRole('alert'))[0]).toHaveTextContent('too much');
});
