import { existsSync } from 'node:fs';
import { join } from 'node:path';
import express, { type Express } from 'express';
import helmet from 'helmet';
import { calendarFeed, followRoutes, onlyPaired, type FollowAlong } from './follow/routes.ts';
import { stationRoutes } from './station/routes.ts';
import type { Station } from './station/station.ts';

const YEAR_MS = 365 * 24 * 3600 * 1000;

/** What is served beside the application itself. */
export interface Beside {
  readonly station?: Station | undefined;
  /** Where other devices of the home network may follow. */
  readonly along?: FollowAlong | undefined;
}

/**
 * Serves the built application: its files, and its one page for every address within it; a
 * thermometer station, where there is one; and the follow-along, where it was asked for.
 */
export function appOf(dist: string, { station, along }: Beside = {}): Express {
  const page = join(dist, 'index.html');
  if (!existsSync(page)) {
    throw new Error(`Nothing is built in ${dist}. Run “npm run build” first.`);
  }
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          // Threads are placed by style attributes; there is no script but our own files.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          workerSrc: ["'self'"],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  if (station) app.use('/station', ...(along ? [onlyPaired(along)] : []), stationRoutes(station));
  if (along) {
    app.use('/relay', followRoutes(along));
    app.get('/calendar/:secret.ics', calendarFeed(along));
  }
  app.use('/assets', express.static(join(dist, 'assets'), { immutable: true, maxAge: YEAR_MS }));
  app.use(express.static(dist, { maxAge: 0 }));
  app.get('/{*splat}', (request, response) => {
    if (request.path.startsWith('/assets/')) response.sendStatus(404);
    else response.sendFile(page);
  });
  return app;
}
