import { useWindowDimensions } from 'react-native';
import { railWidth, readableWidth, wideFrom } from './tokens';

/** Width a screen has to itself, px: the window less the rail; `readable` screens keep to a column, `left` and `right` are those of `Columns`. */
export function usePageWidth(kind: 'full' | 'readable' | 'left' | 'right'): number {
  const { width } = useWindowDimensions();
  const page = width >= wideFrom ? width - railWidth : width;
  const left = width >= wideFrom ? Math.min(page / 2, readableWidth) : page;
  return {
    full: page,
    readable: Math.min(page, readableWidth),
    left,
    right: width >= wideFrom ? page - left : page,
  }[kind];
}
