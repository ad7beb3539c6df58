import type { Kitchen } from '../meal/index.ts';

/** What pasted recipes ask for. */
export const APPLIANCES_OF_RECIPES: Kitchen['appliances'] = [
  { id: 'oven', kind: 'oven', name: 'Oven', fits: 2 },
  { id: 'hob', kind: 'hob', name: 'Hob', fits: 4 },
  { id: 'fridge', kind: 'fridge', name: 'Fridge', fits: 160 },
  { id: 'freezer', kind: 'freezer', name: 'Freezer', fits: 100 },
  { id: 'grill', kind: 'grill', name: 'Grill', fits: 6, fitsIndirect: 3 },
  { id: 'smoker', kind: 'smoker', name: 'Smoker', fits: 3 },
  { id: 'slow', kind: 'slow-cooker', name: 'Slow cooker', fits: 1 },
  { id: 'pressure', kind: 'pressure-cooker', name: 'Pressure cooker', fits: 1 },
];
