export * from './units.ts';
export { readNumber, writeNumber } from './number.ts';
export * from './quantity.ts';
export { parseQuantity } from './parse.ts';
export { printQuantity, shortUnit } from './print.ts';
export * from './convert.ts';
export * from './show.ts';
export { readAsSpoons, type SpoonReading } from './spoons.ts';
export { readMinutes, readWeight } from './read.ts';
