import { createContext, useContext } from 'react';
import type { ReactNode } from 'react';
import type { StudioDto, TrainerDto } from '@drubo/contracts';
import type { MassUnit } from '@drubo/core/vocabulary';

/** Who is signed in, and how their studio reads. */
export interface StudioFacts {
  studio: StudioDto;
  trainer: TrainerDto;
  unit: MassUnit;
  demo: boolean;
}

const StudioContext = createContext<StudioFacts | null>(null);

export const StudioFactsProvider = ({ facts, children }: { facts: StudioFacts; children: ReactNode }) => (
  <StudioContext.Provider value={facts}>{children}</StudioContext.Provider>
);

/** The signed-in studio. Only screens behind the sign-in may ask. */
export const useStudio = (): StudioFacts => {
  const facts = useContext(StudioContext);
  if (!facts) throw new Error('useStudio: nobody is signed in here');
  return facts;
};
