export { simulateCook, type SimulatedCook } from './simulated-cook.ts';
