/** A clause that is done beside what goes on. */
export const MEANWHILE =
  /^\s*(?:meanwhile|in the meantime|at the same time|while (?:the|it|they|that|your)|mientras|entretanto|a la vez)/iu;
