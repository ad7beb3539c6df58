export { mannerOf, planJson } from './plan-json.ts';
export { cookJson, parseCook } from './cook-file.ts';
export { scaleJson } from './scale-json.ts';
export * from './recipe/index.ts';
