import { networkInterfaces } from 'node:os';
import type { Request } from 'express';

const LOOPBACK = /^(127\.|::1$|::ffff:127\.)/;

/** Whether a request comes from the machine the server runs on, and was meant for it. */
export function isOwnMachine(request: Request): boolean {
  const from = request.socket.remoteAddress ?? '';
  // A name that was made to point here by someone else's page is no name of this machine.
  return LOOPBACK.test(from) && /^(127\.0\.0\.1|localhost|\[::1\])$/.test(request.hostname);
}

/** The addresses of this machine on the home network. */
export function homeAddresses(): string[] {
  return Object.values(networkInterfaces())
    .flat()
    .flatMap((one) => (one && !one.internal && one.family === 'IPv4' ? [one.address] : []));
}
