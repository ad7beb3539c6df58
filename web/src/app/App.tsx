import { Suspense } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { Loading } from '../ui/Loading.tsx';
import { Boundary } from './Boundary.tsx';
import { Shell } from './Shell.tsx';
import { VIEWS } from './views.tsx';

/** The application: its shell, and one view at each address. */
export function App() {
  return (
    <BrowserRouter>
      <Shell>
        <Boundary>
          <Suspense fallback={<Loading />}>
            <Routes>
              <Route path="/meal/:meal" element={<Navigate to="table" replace />} />
              {VIEWS.map(({ name, path, page: Page }) => (
                <Route
                  key={name}
                  path={path.startsWith('/') ? path : `/meal/:meal/${path}`}
                  element={<Page />}
                />
              ))}
              <Route path="*" element={<Navigate to="/" replace />} />
            </Routes>
          </Suspense>
        </Boundary>
      </Shell>
    </BrowserRouter>
  );
}
