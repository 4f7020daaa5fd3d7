import { CssBaseline, ThemeProvider } from '@mui/material';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Suspense } from 'react';
import { BrowserRouter, Route, Routes } from 'react-router';
import { useChanges } from '../api/changes';
import { ProblemError } from '../api/problem';
import { theme } from '../theme/theme';
import { Bones } from '../ui/Pending';
import { Boundary } from './Boundary';
import { Frame } from './Frame';
import { Home } from './Home';
import { NowherePage } from './NowherePage';
import { PAGES, TASTE } from './places';

// A refusal will not change by asking again; silence may.
const queries = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) =>
        count < 2 && error instanceof ProblemError && error.problem.status === 0,
      refetchOnWindowFocus: true,
    },
  },
});

/** Shows nothing: keeps all that is shown as the kitchen is. */
function Listening() {
  useChanges();
  return null;
}

export function App() {
  return (
    <ThemeProvider theme={theme} defaultMode="system">
      <CssBaseline />
      <QueryClientProvider client={queries}>
        <Listening />
        <BrowserRouter>
          <Boundary>
            <Suspense fallback={<Bones />}>
              <Routes>
                <Route path="/taste/:id" element={<TASTE.Page />} />
                <Route element={<Frame />}>
                  {Object.entries(PAGES).map(([path, { Page }]) => (
                    <Route key={path} path={path} element={<Page />} />
                  ))}
                  <Route path="/" element={<Home />} />
                  <Route path="*" element={<NowherePage />} />
                </Route>
              </Routes>
            </Suspense>
          </Boundary>
        </BrowserRouter>
      </QueryClientProvider>
    </ThemeProvider>
  );
}
