import { createContext, useContext, useState } from 'react';
import type { ReactNode } from 'react';
import type { Family } from '@drubo/core/vocabulary';
import { NO_FILTERS } from './browse';
import type { Filters } from './browse';

interface MovesState {
  filters: Filters;
  setFilters(filters: Filters): void;
  /** The family whose staircases are shown. */
  family: Family;
  setFamily(family: Family): void;
}

const Context = createContext<MovesState | null>(null);

/** What is looked for stays while a movement is opened and closed again. */
export const MovesStateProvider = ({ children }: { children: ReactNode }) => {
  const [filters, setFilters] = useState<Filters>(NO_FILTERS);
  const [family, setFamily] = useState<Family>('squat');
  return <Context.Provider value={{ filters, setFilters, family, setFamily }}>{children}</Context.Provider>;
};

export const useMovesState = (): MovesState => {
  const state = useContext(Context);
  if (!state) throw new Error('useMovesState: not inside the Moves place');
  return state;
};
