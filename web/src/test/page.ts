import { cleanup, configure } from '@testing-library/react';
import { afterEach } from 'vitest';

// Files share one page, so every test leaves it empty: what was shown, and what was put beside it.
afterEach(() => {
  cleanup();
  document.body.replaceChildren();
});

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
