/** Where the bundle of the sources as they lie now belongs. */
export function bundlePath(): string;
/** The bundle of the sources as they lie now, built where it is not there yet. */
export function bundle(): Promise<string>;
