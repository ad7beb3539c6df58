export * from './moist-air.ts';
export { rootBetween } from './root-finding.ts';
