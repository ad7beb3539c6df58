import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import type { History } from './useHistory.ts';
import { addressOf } from './routes.ts';
import { NUMBERED } from './views.tsx';

/** What lies over the page. */
export type Overlay = 'none' | 'palette' | 'keys';

interface Keys {
  readonly meal: string | undefined;
  readonly setOverlay: (overlay: Overlay) => void;
  readonly history: History;
}

/** The keys that work everywhere. Views mark what a letter presses with data-key. */
export function useKeys({ meal, setOverlay, history }: Keys): void {
  const navigate = useNavigate();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const command = event.ctrlKey || event.metaKey;
      if (command && event.key.toLowerCase() === 'k') {
        event.preventDefault();
        setOverlay('palette');
        return;
      }
      if (isTyping(event.target)) return;
      if (command && event.key.toLowerCase() === 'z') {
        event.preventDefault();
        if (event.shiftKey) history.redo();
        else history.undo();
        return;
      }
      if (command && event.key.toLowerCase() === 'y') {
        event.preventDefault();
        history.redo();
        return;
      }
      if (command || event.altKey || isOverlayOpen()) return;
      if (event.key === '?') setOverlay('keys');
      const view = NUMBERED.find((v) => v.key === event.key);
      if (view) void navigate(addressOf(view.name, meal));
      if (/^[a-z]$/.test(event.key) && press(event.key)) event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [meal, setOverlay, history, navigate]);
}

/** Presses (or focuses) what the view has marked with this key. */
function press(key: string): boolean {
  const target = document.querySelector<HTMLElement>(`[data-key="${key}"]`);
  if (!target) return false;
  target.focus();
  if (target instanceof HTMLInputElement) target.select();
  else target.click();
  return true;
}

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLInputElement ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement ||
    (target instanceof HTMLElement && target.isContentEditable)
  );
}

function isOverlayOpen(): boolean {
  return document.querySelector('[role="dialog"], [role="menu"]') !== null;
}
