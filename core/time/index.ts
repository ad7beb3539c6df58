export * from './zone.ts';
export * from './hours.ts';
export * from './show.ts';
export { readClock } from './clock-text.ts';
