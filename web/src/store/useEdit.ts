import type { Command } from '@zemrin/core';
import { useCallback } from 'react';
import { useStore } from 'react-redux';
import { editAction } from './edit.ts';
import type { RootState } from './store.ts';

/** Changes a meal. Changes of one `gesture` are undone together. */
export function useEdit(meal: string): (command: Command, gesture?: string) => void {
  const store = useStore<RootState>();
  return useCallback(
    (command, gesture) => {
      const action = editAction(store.getState().library, { meal, command, gesture });
      if (action) store.dispatch(action);
    },
    [store, meal],
  );
}
