import { RunEventSchema, runOf } from '@zemrin/core';
import express, { Router, type RequestHandler, type Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import { z } from 'zod';
import { Calendars } from './calendars.ts';
import { homeAddresses, isOwnMachine } from './own-machine.ts';
import { Pairing } from './pairing.ts';
import { Relay, type Refused } from './relay.ts';

const COOKIE = 'zemrin-follow';
const ALIVE_MS = 15_000;
const MOST_LISTENERS = 120;
const MINUTE_MS = 60_000;
/** Codes tried by one device in a minute. */
const TRIES = 6;
/** What one device may send in a minute: ten times what a rehearsal at 60 times the speed says. */
const SENT = 600;

const IdSchema = z.string().regex(/^[\w-]{1,120}$/);
const EventsSchema = z.object({ events: z.array(RunEventSchema).max(500) });
const CalendarSchema = z.object({ text: z.string().startsWith('BEGIN:VCALENDAR').max(400_000) });

/** What the follow-along needs: who may follow, and what is shared. */
export class FollowAlong {
  readonly pairing = new Pairing();
  readonly relay = new Relay();
  readonly calendars = new Calendars();
}

/** This machine's own pages, and devices that gave the code; everyone else is told how. */
export function onlyPaired({ pairing }: FollowAlong): RequestHandler {
  return (request, response, next) => {
    if (isOwnMachine(request) || pairing.isPaired(keyOf(request.headers.cookie))) next();
    else refuse(response, 401, 'This device is not paired. Type the code shown where you cook.');
  };
}

/** The follow-along's addresses: pairing, the run's buffer, the calendar feed. docs/follow-along.md */
export function followRoutes(along: FollowAlong): Router {
  const router = Router();
  router.use(rateLimit({ windowMs: MINUTE_MS, limit: SENT, message: TOO_MUCH }));

  router.get('/', (request, response) => {
    const own = isOwnMachine(request);
    response.json({
      paired: own || along.pairing.isPaired(keyOf(request.headers.cookie)),
      nowMs: Date.now(),
      ...(own && { code: along.pairing.code, addresses: homeAddresses() }),
    });
  });
  const tries = rateLimit({ windowMs: MINUTE_MS, limit: TRIES, message: TOO_MUCH });
  router.post('/pair', tries, express.json({ limit: '1kb' }), (request, response) => {
    const told = z.object({ code: z.string().max(40) }).safeParse(request.body);
    const key = told.success ? along.pairing.pair(told.data.code) : undefined;
    if (key === undefined) {
      refuse(response, 403, 'That is not the code. It changes whenever the server starts.');
      return;
    }
    response.cookie(COOKIE, key, { httpOnly: true, sameSite: 'strict' }).status(204).end();
  });
  router.use(onlyPaired(along));
  runRoutes(router, along.relay);
  calendarRoutes(router, along.calendars);
  return router;
}

const TOO_MUCH = { error: 'Too much at once. Wait a minute and try again.' };

function runRoutes(router: Router, relay: Relay): void {
  let listeners = 0;

  router.get('/runs', (_request, response) => {
    response.json({ runs: relay.shared() });
  });
  router.put('/runs/:id', express.json({ limit: '4mb' }), (request, response) => {
    try {
      const run = runOf(request.body);
      if (run.id !== request.params.id || !IdSchema.safeParse(run.id).success) {
        refuse(response, 400, 'The run’s id and its address are not the same.');
        return;
      }
      // Read to see that it is sound; passed on as it was, so that nothing newer is lost.
      const document = { ...request.body, events: [] };
      // Only whoever cooks it, and says so, shares again what was ended.
      const again = isOwnMachine(request) && request.query.again === '1';
      const refused = relay.share(run.id, run.meal.title, document, again);
      if (refused) tellRefused(response, refused);
      else {
        relay.add(run.id, run.events);
        response.status(204).end();
      }
    } catch (error) {
      refuse(response, 400, `Not understood: ${error instanceof Error ? error.message : ''}`);
    }
  });
  router.get('/runs/:id', (request, response) => {
    const document = relay.documentOf(request.params.id);
    if (document === undefined) tellRefused(response, 'unknown');
    else response.json(document);
  });
  router.delete('/runs/:id', (request, response) => {
    relay.end(request.params.id);
    response.status(204).end();
  });
  router.post('/runs/:id/events', express.json({ limit: '2mb' }), (request, response) => {
    const told = EventsSchema.safeParse(request.body);
    if (!told.success) {
      const [issue] = told.error.issues;
      refuse(response, 400, `Not understood, ${issue?.path.join('.')}: ${issue?.message}.`);
      return;
    }
    const added = relay.add(request.params.id, told.data.events);
    if (typeof added === 'string') tellRefused(response, added);
    else response.json({ added });
  });
  router.get('/runs/:id/events', (request, response) => {
    const after = String(request.headers['last-event-id'] ?? '');
    if (listeners >= MOST_LISTENERS) {
      refuse(response, 503, 'Too many follow already. Close a page and try again.');
      return;
    }
    if (relay.documentOf(request.params.id) === undefined) {
      tellRefused(response, 'unknown');
      return;
    }
    listeners++;
    response.writeHead(200, {
      'content-type': 'text/event-stream',
      'cache-control': 'no-store',
      connection: 'keep-alive',
    });
    response.write(': here\n\n');
    const stop = relay.hear(
      request.params.id,
      after,
      (place, event) => {
        response.write(`id: ${place}\nevent: happened\ndata: ${JSON.stringify(event)}\n\n`);
      },
      () => response.end(),
    );
    const alive = setInterval(() => response.write(': here\n\n'), ALIVE_MS);
    request.on('close', () => {
      listeners--;
      clearInterval(alive);
      stop?.();
    });
  });
}

function calendarRoutes(router: Router, calendars: Calendars): void {
  router.put('/calendars/:meal', express.json({ limit: '500kb' }), (request, response) => {
    const told = CalendarSchema.safeParse(request.body);
    const id = IdSchema.safeParse(request.params.meal);
    if (!told.success || !id.success) {
      refuse(response, 400, 'That is no calendar Zemrin made.');
      return;
    }
    const secret = calendars.put(id.data, told.data.text);
    if (secret === undefined) tellRefused(response, 'full');
    else response.json({ path: `/calendar/${secret}.ics` });
  });
  router.delete('/calendars/:meal', (request, response) => {
    calendars.end(request.params.meal);
    response.status(204).end();
  });
}

/** A plan as a calendar subscribes to it: its secret address is all the key there is. */
export function calendarFeed({ calendars }: FollowAlong): RequestHandler {
  return (request, response) => {
    const text = calendars.textOf(String(request.params.secret));
    if (text === undefined) response.sendStatus(404);
    else response.type('text/calendar').set('cache-control', 'no-store').send(text);
  };
}

/** The key of a device among its cookies. */
function keyOf(cookies: string | undefined): string | undefined {
  return cookies
    ?.split(';')
    .map((one) => one.trim().split('='))
    .find(([name]) => name === COOKIE)?.[1];
}

function tellRefused(response: Response, why: Refused): void {
  if (why === 'ended') refuse(response, 410, 'This run is not shared any more.');
  else if (why === 'unknown') refuse(response, 404, 'This run is not shared (any more).');
  else refuse(response, 507, 'There is no room for more. End what is shared and try again.');
}

function refuse(response: Response, status: number, error: string): void {
  response.status(status).json({ error });
}
