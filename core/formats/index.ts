export { mannerOf, planJson } from './plan-json.ts';
export { scaleJson } from './scale-json.ts';
