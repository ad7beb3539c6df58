import { lazy, Suspense } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { Boundary } from './Boundary.tsx';
import { Loading } from '../ui/Loading.tsx';
import { Shell } from './Shell.tsx';

const Meals = lazy(() => import('../views/meals/Meals.tsx'));
const Table = lazy(() => import('../views/table/Table.tsx'));
const Bench = lazy(() => import('../views/bench/Bench.tsx'));
const Heat = lazy(() => import('../views/heat/Heat.tsx'));
const Safety = lazy(() => import('../views/safety/Safety.tsx'));
const Lists = lazy(() => import('../views/lists/Lists.tsx'));
const Dishes = lazy(() => import('../views/dishes/Dishes.tsx'));
const Kitchen = lazy(() => import('../views/kitchen/Kitchen.tsx'));
const Weave = lazy(() => import('../views/weave/Weave.tsx'));

/** The application: its shell, and one view at each address. */
export function App() {
  return (
    <BrowserRouter>
      <Shell>
        <Boundary>
          <Suspense fallback={<Loading />}>
            <Routes>
              <Route path="/" element={<Meals />} />
              <Route path="/meal/:meal" element={<Navigate to="table" replace />} />
              <Route path="/meal/:meal/table" element={<Table />} />
              <Route path="/meal/:meal/bench/:mixture?" element={<Bench />} />
              <Route path="/meal/:meal/heat/:food?" element={<Heat />} />
              <Route path="/meal/:meal/weave/:step?" element={<Weave />} />
              <Route path="/meal/:meal/safety" element={<Safety />} />
              <Route path="/meal/:meal/lists/:list?" element={<Lists />} />
              <Route path="/meal/:meal/dishes/:dish?" element={<Dishes />} />
              <Route path="/meal/:meal/kitchen" element={<Kitchen />} />
              <Route path="*" element={<Navigate to="/" replace />} />
            </Routes>
          </Suspense>
        </Boundary>
      </Shell>
    </BrowserRouter>
  );
}
