import { useWindowDimensions } from 'react-native';
import { wideFrom } from './tokens';

/** True where there is room for a rail and two columns. */
export function useWide(): boolean {
  return useWindowDimensions().width >= wideFrom;
}
