/**
 * Strong spice is held back as a batch grows: its amount by the factor to this power.
 *
 * @unit exponent
 * @source common practice, no source
 * @confidence 0.6
 */
export const HELD_BACK_EXPONENT = 0.67;
