import { planCalendar } from '../calendar/write.ts';
import type { ExportFormat } from './definition.ts';

/** A calendar with a day's work in it. */
export const ics: ExportFormat = {
  id: 'ics',
  mediaType: 'text/calendar',
  holdsList: false,
  write: ({ meal, plan, nowMin }) => planCalendar(meal, plan, nowMin),
};
