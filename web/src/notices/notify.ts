import type { ExternalToast } from 'sonner';

/**
 * Says something at the edge of the screen. What draws it is fetched when it is first needed, so
 * that the first page does not wait for it.
 */
export function notify(message: string, options?: ExternalToast): void {
  void import('./toasts.tsx').then(({ showToast }) => showToast(message, options));
}

/** As notify, for what went wrong. */
export function notifyError(message: string, options?: ExternalToast): void {
  void import('./toasts.tsx').then(({ showError }) => showError(message, options));
}
