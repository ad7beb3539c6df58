import { freshId, readBundle } from '@zemrin/core';
import { nowMinute } from '../../store/clock.ts';
import { added } from '../../store/library.ts';
import { textOfLink } from '../../store/share-link.ts';
import { store } from '../../store/store.ts';
import { isRun, problemsIn, takeRun } from '../../store/take-run.ts';

/** Where to go on, or what is wrong with the link. */
export type Opened =
  | { readonly ok: true; readonly to: string }
  | { readonly ok: false; readonly problems: readonly string[] };

/** Takes in what a link carries. A meal that is here already stays as it is, and the other joins it. */
export async function openLink(hash: string): Promise<Opened> {
  try {
    const text = await textOfLink(hash);
    const json: unknown = JSON.parse(text);
    if (isRun(json)) return { ok: true, to: `/meal/${takeRun(json)}/cook` };
    const bundle = readBundle(text, nowMinute());
    const [meal] = 'meals' in bundle ? bundle.meals : [];
    if (!meal) return { ok: false, problems: ['This link carries no meal.'] };
    const id = freshId(meal.id, new Set(Object.keys(store.getState().library.meals)));
    store.dispatch(added({ ...meal, id }));
    return { ok: true, to: `/meal/${id}/table` };
  } catch (error) {
    return { ok: false, problems: problemsIn(error) };
  }
}
