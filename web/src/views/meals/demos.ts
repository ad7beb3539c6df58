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

/** Earlier runs of the example supper: what it learnt from. Addresses by file. */
const runs = import.meta.glob<string>('../../../../demo/runs/*.json', {
  query: '?url',
  import: 'default',
  eager: true,
});

/** Puts the earlier runs of the example supper into the log, where they are not there yet. */
export async function takeDemoRuns(): Promise<void> {
  const { takeRun } = await import('../../store/take-run.ts');
  for (const address of Object.values(runs)) {
    const response = await fetch(address);
    if (response.ok) takeRun(await response.json(), { alone: true });
  }
}
