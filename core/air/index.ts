export * from './moist-air.ts';
