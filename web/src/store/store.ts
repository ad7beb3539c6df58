import { configureStore, createListenerMiddleware } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { library } from './library.ts';
import { ownPatterns } from './own-patterns.ts';
import { plans } from './plans.ts';
import { runs } from './runs.ts';
import { storage } from './storage-status.ts';

const listener = createListenerMiddleware();

export const store = configureStore({
  reducer: { library, ownPatterns, plans, runs, storage },
  middleware: (defaults) =>
    // Meals are parsed at the edge; checking their whole history on every key costs too much.
    defaults({ serializableCheck: false, immutableCheck: false }).prepend(listener.middleware),
});

export type RootState = ReturnType<typeof store.getState>;
export const startListening = listener.startListening.withTypes<RootState, typeof store.dispatch>();
export const useAppDispatch = useDispatch.withTypes<typeof store.dispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
