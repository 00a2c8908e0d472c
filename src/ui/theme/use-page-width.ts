import { useWindowDimensions } from 'react-native';
import { railWidth, readableWidth, wideFrom } from './tokens';

/** Width a screen has to itself, px: the window less the rail; `readable` screens keep to a column. */
export function usePageWidth(kind: 'full' | 'readable'): number {
  const { width } = useWindowDimensions();
  const page = width >= wideFrom ? width - railWidth : width;
  return kind === 'full' ? page : Math.min(page, readableWidth);
}
