import { proxy, wrap, type Remote } from 'comlink';
import type { ReadRecipe, SpoonSystem } from '@zemrin/core';
import type { ReaderApi } from './read.worker.ts';

let remote: Remote<ReaderApi> | undefined;

/** The worker that reads long pastes, started when it is first wanted. */
function readerWorker(): Remote<ReaderApi> {
  // The bundler finds the worker by this very form.
  remote ??= wrap<ReaderApi>(
    new Worker(new URL('./read.worker.ts', import.meta.url), { type: 'module' }),
  );
  return remote;
}

/** Reads a long paste; undefined where it was left off. @throws RangeError when there is nothing to read */
export function readLong(
  text: string,
  spoons: SpoonSystem,
  rather: ReadonlyMap<number, ReadonlySet<number>>,
  onProgress: (share: number) => void,
): Promise<readonly ReadRecipe[] | undefined> {
  // What is called back from the worker goes through a channel of its own.
  return readerWorker().read(text, spoons, rather, proxy(onProgress));
}

/** Leaves off what is being read. */
export function stopReading(): void {
  void readerWorker().stop();
}
