import { cleanup, configure } from '@testing-library/react';
import { afterAll, afterEach } from 'vitest';

/** The real one, whatever clock a test puts in its place. */
const soon = setTimeout;

// Files share one page, so every test leaves it empty: what was shown, and what was put beside it.
afterEach(() => {
  cleanup();
  document.body.replaceChildren();
});

// What the last test left to be shown is done before its page is gone.
afterAll(() => new Promise<void>((done) => void soon(done, 0)));

// As long as a busy machine may need: no test is about time.
configure({ asyncUtilTimeout: 60_000 });

/** The page has no sizes here: whatever watches them has nothing to tell. */
class NoSizes implements ResizeObserver {
  observe = nothing;
  unobserve = nothing;
  disconnect = nothing;
}
function nothing(): void {
  return undefined;
}
if (!('ResizeObserver' in globalThis)) globalThis.ResizeObserver = NoSizes;
Element.prototype.scrollIntoView = nothing;
