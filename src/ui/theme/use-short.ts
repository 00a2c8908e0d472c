import { useWindowDimensions } from 'react-native';
import { wideFrom } from './tokens';

/** px; under it a reading, what it means, its keys and Save fit only without what else helps. */
const shortUnder = 720;

/** True on a short phone, where what only helps makes room for what is needed. */
export function useShort(): boolean {
  const { width, height } = useWindowDimensions();
  // Before the window is known it has no height.
  return width < wideFrom && height > 0 && height < shortUnder;
}

/** px; under it a drawing of usual height would leave no room for a row. */
const lowUnder = 480;

/** True where the window is lower than it is usable with its drawings as they are: on its side, or with everything twice as large. */
export function useLow(): boolean {
  const { height } = useWindowDimensions();
  return height > 0 && height < lowUnder;
}
