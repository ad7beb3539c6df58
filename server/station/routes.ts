import { ProbedSchema } from '@zemrin/core';
import express, { Router } from 'express';
import type { Station } from './station.ts';

/** A name of a probe: short, and plain. */
const PROBE = /^[a-z0-9][a-z0-9 -]{0,39}$/i;
const MOST_LISTENERS = 60;
const ALIVE_MS = 15_000;

/** The station's addresses: readings as they come, and which probe is in what. docs/station.md */
export function stationRoutes(station: Station): Router {
  const router = Router();
  let listeners = 0;

  router.get('/readings', (request, response) => {
    if (listeners >= MOST_LISTENERS) {
      response.status(503).json({ error: 'Too many listen already. Close a page and try again.' });
      return;
    }
    listeners++;
    response.writeHead(200, {
      'content-type': 'text/event-stream',
      'cache-control': 'no-store',
      connection: 'keep-alive',
    });
    response.write(': here\n\n');
    const stop = station.hear((reading) => {
      response.write(`event: reading\ndata: ${JSON.stringify(reading)}\n\n`);
    });
    const alive = setInterval(() => response.write(': here\n\n'), ALIVE_MS);
    request.on('close', () => {
      listeners--;
      clearInterval(alive);
      stop();
    });
  });

  router.get('/probes', (_request, response) => {
    response.json({ probes: station.probes() });
  });

  router.put('/probes/:probe', express.json({ limit: '20kb' }), (request, response) => {
    const { probe } = request.params;
    const parsed = ProbedSchema.safeParse(request.body);
    if (!PROBE.test(probe) || !parsed.success) {
      const [issue] = parsed.error?.issues ?? [];
      const where = issue ? `${issue.path.join('.')}: ${issue.message}` : 'the probe’s name';
      response.status(400).json({ error: `Not understood, ${where}.` });
      return;
    }
    if (station.putIn(probe, parsed.data)) response.status(204).end();
    else response.status(409).json({ error: 'All probes are in something. Take one out first.' });
  });

  router.delete('/probes/:probe', (request, response) => {
    station.takeOut(request.params.probe);
    response.status(204).end();
  });
  return router;
}
