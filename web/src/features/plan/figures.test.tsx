import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import type { PlanView } from '../../api/client';
import { show } from '../../test/stove';
import { Amounts } from './Amounts';
import { Hours, Sizes } from './PlanFigures';

const plan = (over: object = {}) =>
  ({
    workings: [],
    startMassKilograms: 6.66,
    endMassKilograms: 3.85,
    portions: 34,
    pieceMassKilograms: 0,
    startSolidsFraction: 0.058,
    targetSolidsFraction: 0.105,
    saltFraction: 0.0089,
    waterToLoseKilograms: 2.85,
    fit: { startVolumeCubicMeters: 0.0068, endVolumeCubicMeters: 0.0039, withinHeadroom: true },
    hours: {
      lightAt: '2026-03-02T15:20:00Z',
      thickAt: '2026-03-02T17:00:00Z',
      earliest: '2026-03-02T16:40:00Z',
      latest: '2026-03-02T17:28:00Z',
      spareAtWorstSeconds: 120,
    },
    ...over,
  }) as unknown as PlanView;

it('says when to light it, when it is thick enough, and what is to spare at worst', () => {
  show(<Hours plan={plan()} request={undefined} zone="Europe/Zurich" />);
  expect(screen.getByText('16:20')).toBeInTheDocument();
  expect(screen.getByText('Thick enough, 17:40 to 18:28')).toBeInTheDocument();
  expect(screen.getByText('To spare at least').parentElement).toHaveTextContent('2min');
});

it('says that it may be late, and why it never gets there', () => {
  const late = { ...plan().hours, spareAtWorstSeconds: -900 };
  const { unmount } = show(
    <Hours plan={plan({ hours: late })} request={undefined} zone="Europe/Zurich" />,
  );
  expect(screen.getByText('May be late by').parentElement).toHaveTextContent('15min');
  unmount();
  const never = plan({ hours: undefined, neverReason: 'Under this lid it gets no thicker.' });
  show(<Hours plan={never} request={undefined} zone="Europe/Zurich" />);
  expect(screen.getByRole('status')).toHaveTextContent('Under this lid it gets no thicker.');
});

it('tells both ends of the pot, whole portions, and whether bubbles have room', () => {
  const full = {
    portions: 33.99999999,
    pieceMassKilograms: 1.2,
    alcoholLeft: { leastFraction: 0.05, mostFraction: 0.25 },
    fit: { ...plan().fit, withinHeadroom: false },
  };
  show(<Sizes plan={plan(full)} request={undefined} units="METRIC" />);
  expect(screen.getByText('At the end, with its pieces, 34 portions')).toBeInTheDocument();
  expect(screen.getByText('too full')).toBeInTheDocument();
  expect(screen.getByText('Alcohol left of the wine’s').parentElement).toHaveTextContent(
    '5.0 – 25.0%',
  );
});

it('tells what goes in by the scale, and beside it in spoons and pieces, with its first dose', () => {
  const amounts = [
    {
      ingredientId: 'salt',
      name: 'Table salt',
      note: '',
      massKilograms: 0.016,
      spoonVolumeCubicMeters: 1.31e-5,
      firstDoseKilograms: 0.0104,
    },
    {
      ingredientId: 'garlic',
      name: 'Garlic',
      note: 'sliced thin',
      massKilograms: 0.072,
      pieces: { name: 'clove', count: 24 },
      firstDoseKilograms: 0.072,
    },
  ];
  const of = plan({ amounts, parts: [] });
  const { unmount } = show(<Amounts plan={of} units="METRIC" />);
  const [salt, garlic] = screen.getAllByRole('listitem');
  expect(salt).toHaveTextContent('10 g at first, 5.6 g after tasting');
  expect(salt).toHaveTextContent('2¾ tsp');
  expect(garlic).toHaveTextContent('sliced thin2½ oz · 24 cloves');
  unmount();
  show(<Amounts plan={of} units="US" />);
  expect(screen.getAllByRole('listitem')[0]).toHaveTextContent('Table salt2¾tsp');
});
