/**
 * What a place draws while it is hot, on the mean of its thermostat; a fire of coals draws none.
 *
 * @unit kW
 * @source common practice, no source: name plates and what their thermostats let through
 * @confidence 0.5
 */
export const MEAN_DRAW_KW: Readonly<Record<string, number>> = {
  oven: 0.9,
  hob: 0.8,
  'slow-cooker': 0.15,
  'pressure-cooker': 0.5,
  'deep-fryer': 1.2,
  'air-fryer': 0.9,
  microwave: 1.2,
};

/**
 * Coals for a grill over its whole bed, an hour.
 *
 * @unit kg an hour
 * @source kitchen convention, from memory: a chimney lasts about an hour and a half
 * @confidence 0.5
 */
export const GRILL_COALS_KG_AN_HOUR = 1.5;
