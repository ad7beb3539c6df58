/**
 * Reads a clock time as cooks type it: "19:00", "1900", "7pm", "7:30 pm", "19.30", "19h30".
 *
 * @returns "19:00", or undefined when it is none
 */
export function readClock(text: string): string | undefined {
  const match = /^(\d{1,2})(?:[:.h ]?(\d{2}))?\s*(am|pm|a|p|h)?\.?$/i.exec(text.trim());
  if (!match) return undefined;
  let hour = Number(match[1]);
  const minute = Number(match[2] ?? 0);
  const half = (match[3] ?? '').toLowerCase()[0];
  if (half === 'a' || half === 'p') {
    if (hour < 1 || hour > 12) return undefined;
    hour = (hour % 12) + (half === 'p' ? 12 : 0);
  }
  if (hour > 23 || minute > 59) return undefined;
  return `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;
}
