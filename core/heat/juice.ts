/**
 * The share of its mass that meat presses out as juice once it has been so hot: 0.38/(1 + e^−(T −
 * 67)/7). A lumped curve of our own calibration; confidence 0.5.
 */
export function juiceShareAt(peakC: number): number {
  return 0.38 / (1 + Math.exp((67 - peakC) / 7));
}
