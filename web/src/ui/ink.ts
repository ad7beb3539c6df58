/** A colour of the theme, by its name in the style sheet: for what is drawn on a canvas. */
export function ink(name: string): string {
  return getComputedStyle(document.documentElement).getPropertyValue(name).trim();
}
