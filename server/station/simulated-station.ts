import {
  simulateCook,
  specOfProbed,
  type Probed,
  type SimulatedCook,
  type StationReading,
} from '@zemrin/core';
import type { Station } from './station.ts';

/** A reading of each probe so often, milliseconds; quicker where its food cooks quicker. */
const EVERY_MS = 10_000;
const LEAST_EVERY_MS = 1_000;
/** A battery lasts so many hours of readings. */
const BATTERY_H = 90;
/** One reading in so many is lost on its way. */
const LOST_ONE_IN = 40;
const MOST_PROBES = 8;

interface Put {
  readonly truth: SimulatedCook;
  readonly fromMinute: number;
  readonly speed: number;
  readonly atMs: number;
  readonly timer: ReturnType<typeof setInterval>;
}

/**
 * A stand-in for a wireless thermometer: it cooks what its probes are in, a little otherwise than it
 * was told, and says what they would say. What a real one is asked is the same.
 */
export class SimulatedStation implements Station {
  private readonly put = new Map<string, Put>();
  private readonly hearing = new Set<(reading: StationReading) => void>();

  /** @param nowMs the clock on the wall */
  constructor(private readonly nowMs: () => number = Date.now) {}

  hear(heard: (reading: StationReading) => void): () => void {
    this.hearing.add(heard);
    return () => void this.hearing.delete(heard);
  }

  probes(): readonly string[] {
    return [...this.put.keys()];
  }

  putIn(probe: string, probed: Probed): boolean {
    if (!this.put.has(probe) && this.put.size >= MOST_PROBES) return false;
    this.takeOut(probe);
    const { fromMinute, speed } = probed;
    const truth = simulateCook(specOfProbed(probed), seedOf(`${probed.cut} ${probed.weightG}`));
    const everyMs = Math.max(LEAST_EVERY_MS, EVERY_MS / speed);
    const timer = setInterval(() => this.say(probe), everyMs);
    // A process that has nothing else to do may end.
    timer.unref();
    this.put.set(probe, { truth, fromMinute, speed, atMs: this.nowMs(), timer });
    this.say(probe);
    return true;
  }

  takeOut(probe: string): void {
    clearInterval(this.put.get(probe)?.timer);
    this.put.delete(probe);
  }

  close(): void {
    for (const probe of this.put.keys()) this.takeOut(probe);
    this.hearing.clear();
  }

  private say(probe: string): void {
    const one = this.put.get(probe);
    if (!one) return;
    const minute = ((this.nowMs() - one.atMs) / 60_000) * one.speed;
    const { coreC, cookerC } = one.truth.read(one.fromMinute + minute, probe);
    const lost = seedOf(`${probe} ${Math.round(minute * 60)}`) % LOST_ONE_IN === 0;
    const reading: StationReading = {
      probe,
      minute,
      coreC: lost ? null : coreC,
      ...(cookerC === undefined || lost ? {} : { cookerC }),
      battery: Math.max(0, 1 - minute / 60 / BATTERY_H),
      signal: lost ? 0 : 0.8,
    };
    for (const heard of this.hearing) heard(reading);
  }
}

/** A number of a name, the same every time. */
function seedOf(name: string): number {
  let hash = 7;
  for (let i = 0; i < name.length; i++) hash = (Math.imul(hash, 31) + name.charCodeAt(i)) >>> 0;
  return hash;
}
