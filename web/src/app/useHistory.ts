import { useCallback } from 'react';
import { notify } from '../notices/notify.ts';
import { redone, undone } from '../store/library.ts';
import { useAppDispatch, useAppSelector } from '../store/store.ts';
import { useWords } from '../words/words.ts';

export interface History {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly undo: () => void;
  readonly redo: () => void;
}

/** Undo and redo of everything that changes a meal, saying what was undone. */
export function useHistory(): History {
  const t = useWords();
  const dispatch = useAppDispatch();
  const last = useAppSelector((state) => state.library.past.at(-1)?.what);
  const next = useAppSelector((state) => state.library.future[0]?.what);
  const undo = useCallback(() => {
    if (last === undefined) return;
    dispatch(undone());
    notify(t('app.undone', { what: t(`change.${last}`) }), { duration: 2500 });
  }, [dispatch, last, t]);
  const redo = useCallback(() => {
    if (next === undefined) return;
    dispatch(redone());
    notify(t('app.redone', { what: t(`change.${next}`) }), { duration: 2500 });
  }, [dispatch, next, t]);
  return { canUndo: last !== undefined, canRedo: next !== undefined, undo, redo };
}
