import type { ExerciseLog } from './types';

/** The worst joint pain of the session; null when nobody asked. */
export const worstPain = ({ sets }: Pick<ExerciseLog, 'sets'>): number | null => {
  const numbers = sets.map((set) => set.jointPain).filter((value): value is number => value !== null);
  return numbers.length > 0 ? Math.max(...numbers) : null;
};
