import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { App } from './app/App.tsx';
import { applyTheme } from './app/theme.ts';
import { openChannel } from './storage/channel.ts';
import { openDb } from './storage/db.ts';
import { startStore } from './store/starting.ts';
import { store } from './store/store.ts';
import './styles.css';
import './words/words.ts';
import { startPlanner } from './workers/planner.ts';
import { runPlanner } from './workers/runs.ts';

applyTheme();
void startStore({
  openDb: (events) => openDb('zemrin', events),
  planner: startPlanner(),
  channel: openChannel(),
  runs: { channel: openChannel('zemrin-runs'), planner: runPlanner },
});

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <Provider store={store}>
        <App />
      </Provider>
    </StrictMode>,
  );
}
