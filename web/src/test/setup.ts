import 'fake-indexeddb/auto';
import '@testing-library/jest-dom/vitest';
import { cleanup, configure } from '@testing-library/react';
import { afterAll, afterEach, beforeAll } from 'vitest';
import { readAs } from '../quantities';
import { server } from './stove';

beforeAll(() => server.listen({ onUnhandledRequest: 'bypass' }));
afterEach(() => {
  cleanup();
  server.resetHandlers();
  readAs({ pint: 'US', units: 'METRIC' });
  localStorage.clear();
});
afterAll(() => server.close());

// No test here is about speed: the first picture of a page may take its time on a busy machine.
configure({ asyncUtilTimeout: 10_000 });
