import type { Meal } from '@zemrin/core';

/** The addresses of the example meals: ordinary meal files, fetched only when asked for. */
const addresses = import.meta.glob<string>('../../../../demo/*.json', {
  query: '?url',
  import: 'default',
  eager: true,
});

/** Every example with its serving day laid out from now. */
export async function loadDemos(nowMin: number): Promise<Meal[]> {
  const files = await Promise.all(
    Object.values(addresses).map(async (address) => {
      const response = await fetch(address);
      // Without the server there are no examples; everything else works on.
      return response.ok ? [(await response.json()) as unknown] : [];
    }),
  );
  const { readMeal } = await import('./readMeal.ts');
  return files.flat().map((file) => readMeal(file, nowMin));
}
