export { threadsOf, type Segment, type Thread } from './threads.ts';
export { elasticAxis, foldsOf, momentAt, placeOf, type Axis, type AxisExtent } from './axis.ts';
export { chooseTicks, type TickRequest } from './ticks.ts';
export { placeRowsOf, type PlaceBar, type PlaceRow } from './place-rows.ts';
export { loadLinesOf, type LoadLine, type LoadSpan } from './load-lines.ts';
