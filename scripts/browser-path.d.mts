/** Where the browser for tests, benches and pictures lies, or would. */
export function browserPath(): string;
