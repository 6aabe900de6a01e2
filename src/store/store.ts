import { configureStore } from '@reduxjs/toolkit';
import { useSelector, useStore } from 'react-redux';
import { journalReducer } from './journal-slice';
import { lookReducer } from './look-slice';

export const createStore = () =>
  configureStore({
    reducer: { journal: journalReducer, look: lookReducer },
    // Entries are validated at the edges; walking years of them on every action would only cost time.
    middleware: (defaults) => defaults({ serializableCheck: false, immutableCheck: false }),
  });

export type AppStore = ReturnType<typeof createStore>;
export type AppState = ReturnType<AppStore['getState']>;

export const useAppSelector = useSelector.withTypes<AppState>();
/** For an act that reads the newest state as it is done, not as it was drawn. */
export const useAppStore = useStore.withTypes<AppStore>();
