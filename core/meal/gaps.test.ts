import { describe, expect, it } from 'vitest';
import { CORE_GAP_SLACK_MIN } from '../figures/index.ts';
import { fromMoment } from './gaps.ts';

describe('a gap counted from the moment a core is reached', () => {
  const gap = { step: 'smoke', from: 'end', leastMin: 0, coreShortC: 10 } as const;

  it('is within some minutes of it where nothing is said', () => {
    expect(fromMoment(gap, 140)).toMatchObject({
      from: 'start',
      leastMin: 140,
      mostMin: 140 + CORE_GAP_SLACK_MIN,
    });
  });

  it('is as long as the cook says, at the least and at the most', () => {
    expect(fromMoment({ ...gap, mostMin: 45 }, 140).mostMin).toBe(185);
    const late = fromMoment({ ...gap, leastMin: 10 }, 140);
    expect([late.leastMin, late.mostMin]).toEqual([150, 150]);
  });
});
