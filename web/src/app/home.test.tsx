import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { Route, Routes } from 'react-router';
import { kitchen, serve, show } from '../test/stove';
import { Home } from './Home';

it.each([
  ['without a pot or a burner begins with the questions', kitchen, 'questions'],
  ['with a pot begins with its day', { ...kitchen, vessels: [{ id: 'v1' }] }, 'day'],
  ['that is away begins with its day, which says so', new Error('away'), 'day'],
])('a kitchen %s', async (_, answer, there) => {
  serve({ '/api/kitchen': answer });
  show(
    <Routes>
      <Route path="/" element={<Home />} />
      <Route path="/begin" element={<p>questions</p>} />
      <Route path="/today" element={<p>day</p>} />
    </Routes>,
  );
  expect(await screen.findByText(there)).toBeInTheDocument();
});
