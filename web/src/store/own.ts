/** What a record holds under a name of its own: "constructor" is no entry of an empty one. */
export function own<T>(record: Readonly<Record<string, T>>, name: string): T | undefined {
  return Object.hasOwn(record, name) ? record[name] : undefined;
}
