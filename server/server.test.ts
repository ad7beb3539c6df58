import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { appOf } from './app.ts';
import { listen } from './listen.ts';

function built(): string {
  const dist = mkdtempSync(join(tmpdir(), 'zemrin-'));
  mkdirSync(join(dist, 'assets'));
  writeFileSync(join(dist, 'index.html'), '<title>Zemrin</title>');
  writeFileSync(join(dist, 'assets', 'a.js'), 'export {}');
  return dist;
}

const open: { close: () => void }[] = [];
afterAll(() => open.forEach((server) => server.close()));

async function serve(port: number) {
  const { server, port: taken } = await listen(appOf(built()), port);
  open.push(server);
  return { base: `http://127.0.0.1:${taken}`, port: taken, server };
}

describe('the server', () => {
  it('serves its page at every address within, and files by their name', async () => {
    const { base } = await serve(4711);
    for (const path of ['/', '/meal/some-supper/weave/lamb']) {
      const page = await fetch(base + path);
      expect([page.status, await page.text()]).toEqual([200, '<title>Zemrin</title>']);
    }
    const script = await fetch(`${base}/assets/a.js`);
    expect(script.headers.get('cache-control')).toContain('immutable');
    expect((await fetch(`${base}/assets/gone.js`)).status).toBe(404);
  });

  it('allows only its own scripts, and does not say what it is made of', async () => {
    const { base } = await serve(4721);
    const { headers } = await fetch(base);
    expect(headers.get('content-security-policy')).toContain("default-src 'self'");
    expect(headers.get('content-security-policy')).not.toContain('upgrade-insecure');
    expect(headers.get('x-powered-by')).toBeNull();
  });

  it('takes the next port when the usual one is taken, on this machine only', async () => {
    const first = await serve(4731);
    const second = await serve(first.port);
    expect(second.port).toBeGreaterThan(first.port);
    const address = second.server.address();
    expect(typeof address === 'object' && address?.address).toBe('127.0.0.1');
  });

  it('says what to do when nothing is built', () => {
    expect(() => appOf(mkdtempSync(join(tmpdir(), 'zemrin-')))).toThrow(/npm run build/);
  });
});
