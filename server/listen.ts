import type { Server } from 'node:http';
import type { Express } from 'express';

/** This machine only. */
export const OWN_MACHINE = '127.0.0.1';
/** The home network too; never unless it was asked for. */
export const HOME_NETWORK = '0.0.0.0';
const TRIES = 50;

/**
 * Listens on the port wanted or the next free one after it; on this machine only, unless the home
 * network is served.
 * @throws the system's error when none of the ports tried is free
 */
export async function listen(
  app: Express,
  wanted: number,
  host = OWN_MACHINE,
): Promise<{ server: Server; port: number }> {
  for (let port = wanted; ; port++) {
    try {
      return { server: await listenOn(app, port, host), port };
    } catch (error) {
      const taken = error instanceof Error && 'code' in error && error.code === 'EADDRINUSE';
      if (!taken || port - wanted >= TRIES) throw error;
    }
  }
}

function listenOn(app: Express, port: number, host: string): Promise<Server> {
  return new Promise((resolve, reject) => {
    const server = app.listen(port, host, (error?: Error) => {
      if (error) reject(error);
      else resolve(server);
    });
    server.once('error', reject);
  });
}
