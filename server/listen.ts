import type { Server } from 'node:http';
import type { Express } from 'express';

const HOST = '127.0.0.1';
const TRIES = 50;

/**
 * Listens on this machine only, on the port wanted or the next free one after it.
 * @throws the system's error when none of the ports tried is free
 */
export async function listen(
  app: Express,
  wanted: number,
): Promise<{ server: Server; port: number }> {
  for (let port = wanted; ; port++) {
    try {
      return { server: await listenOn(app, port), port };
    } catch (error) {
      const taken = error instanceof Error && 'code' in error && error.code === 'EADDRINUSE';
      if (!taken || port - wanted >= TRIES) throw error;
    }
  }
}

function listenOn(app: Express, port: number): Promise<Server> {
  return new Promise((resolve, reject) => {
    const server = app.listen(port, HOST, (error?: Error) => {
      if (error) reject(error);
      else resolve(server);
    });
    server.once('error', reject);
  });
}
