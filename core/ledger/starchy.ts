/** Rice and what is boiled like it: spores survive in all of them. */
const GRAINS = /^(?:(?:rice|pearl-barley|quinoa|bulgur|couscous|polenta)-|cooked-rice)/;

/** Their spores survive as well, and those of what is made of stock. */
const STARCHY =
  /^(?:lentils|chickpeas|split-peas|kidney-beans|pasta|(?:sweet-)?potatoes|gravy|soup|stuffing|dumplings)(?:-|$)/;

/** Whether a cut is rice or boiled like it. */
export function isGrain(cut = ''): boolean {
  return GRAINS.test(cut);
}

/** Whether a cut is a pulse, pasta, potatoes, or made of stock. */
export function isStarchy(cut = ''): boolean {
  return STARCHY.test(cut);
}
