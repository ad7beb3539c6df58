import { takeRun } from '../../store/take-run.ts';

/** Earlier runs of the example supper: what it learnt from. Addresses by file. */
const runs = import.meta.glob<string>('../../../../demo/runs/*.json', {
  query: '?url',
  import: 'default',
  eager: true,
});

/** Puts the earlier runs of the example supper into the log, where they are not there yet. */
export async function takeDemoRuns(): Promise<void> {
  for (const address of Object.values(runs)) {
    const response = await fetch(address);
    if (response.ok) takeRun(await response.json(), { alone: true });
  }
}
