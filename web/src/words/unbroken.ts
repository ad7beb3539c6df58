/** Words that stay on one line, whatever the width: "3 h 40" in a sentence. */
export function unbroken(words: string): string {
  return words.replaceAll(' ', '\u00a0');
}
