import { expect, it } from 'vitest';
import { kitchenFrom, plainKitchen } from './index.ts';

it('hands a kitchen on without what was of a date that is over', () => {
  const usual = plainKitchen('Kitchen');
  const night = { kind: 'asleep' as const, from: '23:00', to: '05:30', days: [5] };
  const ida = { id: 'ida', name: 'Ida', from: '17:00', to: '20:00', days: [6] };
  const lent = { ...ida, id: 'lent', on: '2026-11-28' };
  const kitchen = {
    ...usual,
    hours: [...usual.hours, { ...night, on: '2026-11-27' }, { ...night, on: '2026-12-04' }],
    helpers: [ida, lent],
  };
  const next = kitchenFrom(kitchen, '2026-12-01');
  expect(next.hours.map(({ on }) => on)).toEqual([undefined, '2026-12-04']);
  expect(next.helpers).toEqual([ida]);
  // On that very day it still is.
  expect(kitchenFrom(kitchen, '2026-11-28').helpers).toEqual([ida, lent]);
  expect(kitchenFrom(usual, '2026-12-01')).toEqual(usual);
});
