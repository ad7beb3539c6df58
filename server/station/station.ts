import type { Probed, StationReading } from '@zemrin/core';

/** A thermometer of several probes: what a real one would be behind, and what stands in for it. */
export interface Station {
  /** Hears every reading as it comes. @returns what ends it */
  hear(heard: (reading: StationReading) => void): () => void;
  /** The probes that are in something now. */
  probes(): readonly string[];
  /**
   * A probe is put into food. A real thermometer only needs its name; one that is simulated has to
   * know what it is in.
   *
   * @returns false where it has no more probes
   */
  putIn(probe: string, probed: Probed): boolean;
  takeOut(probe: string): void;
  close(): void;
}
