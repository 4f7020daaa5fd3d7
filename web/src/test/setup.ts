import 'fake-indexeddb/auto';
import '@testing-library/jest-dom/vitest';
import { cleanup, configure } from '@testing-library/react';
import { afterEach } from 'vitest';

afterEach(cleanup);

// No test here is about speed: the first picture of a page may take its time on a busy machine.
configure({ asyncUtilTimeout: 10_000 });
