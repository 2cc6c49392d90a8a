import { useWindowDimensions } from 'react-native';
import { BREAKPOINTS } from '../theme/tokens';

/** Whether there is room for the rail and a list beside its detail. */
export const useWide = (): { isWide: boolean; width: number; height: number } => {
  const { width, height } = useWindowDimensions();
  return { isWide: width >= BREAKPOINTS.rail, width, height };
};
