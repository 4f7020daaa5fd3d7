import { CssBaseline, ThemeProvider } from '@mui/material';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { useChanges } from '../api/changes';
import { ProblemError } from '../api/problem';
import { theme } from '../theme/theme';
import { Frame } from './Frame';

const TodayPage = lazy(() => import('../features/today'));
const PlanPage = lazy(() => import('../features/plan'));
const FormulasPage = lazy(() => import('../features/formula'));
const FormulaPage = lazy(async () => ({
  default: (await import('../features/formula')).FormulaPage,
}));
const EditorPage = lazy(async () => ({
  default: (await import('../features/formula')).EditorPage,
}));
const MealsPage = lazy(() => import('../features/meal'));
const MealPage = lazy(async () => ({ default: (await import('../features/meal')).MealPage }));
const PantryPage = lazy(() => import('../features/pantry'));
const PotsPage = lazy(() => import('../features/batch'));
const HandOverPage = lazy(async () => ({
  default: (await import('../features/batch')).HandOverPage,
}));
const BalancePage = lazy(() => import('../features/balance'));
const PanelPage = lazy(() => import('../features/panel'));
const TastePage = lazy(async () => ({ default: (await import('../features/panel')).TastePage }));
const KeepPage = lazy(() => import('../features/keep'));
const CoolPage = lazy(async () => ({ default: (await import('../features/keep')).CoolPage }));
const LotPage = lazy(async () => ({ default: (await import('../features/keep')).LotPage }));
const PutAwayPage = lazy(async () => ({ default: (await import('../features/keep')).PutAwayPage }));
const TracePage = lazy(async () => ({ default: (await import('../features/keep')).TracePage }));
const RulesPage = lazy(async () => ({ default: (await import('../features/kitchen')).RulesPage }));
const LogbookPage = lazy(() => import('../features/logbook'));
const ComparePage = lazy(async () => ({
  default: (await import('../features/logbook')).ComparePage,
}));
const RecordPage = lazy(async () => ({
  default: (await import('../features/logbook')).RecordPage,
}));
const KitchenPage = lazy(() => import('../features/kitchen'));

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
          <Suspense fallback={null}>
            <Routes>
              <Route path="/taste/:id" element={<TastePage />} />
              <Route element={<Frame />}>
                <Route path="/today" element={<TodayPage />} />
                <Route path="/formulas" element={<FormulasPage />} />
                <Route path="/formulas/new" element={<EditorPage />} />
                <Route path="/formulas/:id" element={<FormulaPage />} />
                <Route path="/formulas/:id/edit" element={<EditorPage />} />
                <Route path="/meals" element={<MealsPage />} />
                <Route path="/meals/:id" element={<MealPage />} />
                <Route path="/pantry" element={<PantryPage />} />
                <Route path="/plan" element={<PlanPage />} />
                <Route path="/pots/:id?" element={<PotsPage />} />
                <Route path="/pots/:id/hand-over" element={<HandOverPage />} />
                <Route path="/balance" element={<BalancePage />} />
                <Route path="/panels/:id" element={<PanelPage />} />
                <Route path="/logbook" element={<LogbookPage />} />
                <Route path="/logbook/compare" element={<ComparePage />} />
                <Route path="/logbook/:id" element={<RecordPage />} />
                <Route path="/keep" element={<KeepPage />} />
                <Route path="/keep/cool" element={<CoolPage />} />
                <Route path="/keep/put-away" element={<PutAwayPage />} />
                <Route path="/keep/lots/:id" element={<LotPage />} />
                <Route path="/keep/trace" element={<TracePage />} />
                <Route path="/kitchen/rules" element={<RulesPage />} />
                <Route path="/kitchen" element={<KitchenPage />} />
                <Route path="*" element={<Navigate to="/today" replace />} />
              </Route>
            </Routes>
          </Suspense>
        </BrowserRouter>
      </QueryClientProvider>
    </ThemeProvider>
  );
}
