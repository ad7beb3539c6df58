/** The machine's clock, in epoch minutes: the one place where the application asks the time. */
export function nowMinute(): number {
  return Math.floor(Date.now() / 60_000);
}
