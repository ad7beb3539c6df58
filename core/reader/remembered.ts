/** As many texts as are remembered: a sentence is asked about several times while it is read. */
const MOST = 400;

/** A reading of texts that remembers the last of them. It must follow from the text alone. */
export function remembered<T>(read: (text: string) => T): (text: string) => T {
  const known = new Map<string, { readonly found: T }>();
  return (text) => {
    const before = known.get(text);
    if (before) return before.found;
    if (known.size >= MOST) known.clear();
    const found = read(text);
    known.set(text, { found });
    return found;
  };
}
