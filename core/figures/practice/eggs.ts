/**
 * A usual egg in its shell.
 *
 * @unit g
 * @source kitchen convention, from memory
 * @confidence 0.8
 */
export const USUAL_EGG_G = 57;
