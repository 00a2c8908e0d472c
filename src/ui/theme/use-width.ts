import { useCallback, useState } from 'react';
import type { LayoutChangeEvent } from 'react-native';

/** Width of a view as laid out; 0 until it is known. Spread `onLayout` on the view. */
export function useWidth(): {
  readonly width: number;
  readonly onLayout: (event: LayoutChangeEvent) => void;
} {
  const [width, setWidth] = useState(0);
  const onLayout = useCallback((event: LayoutChangeEvent) => {
    setWidth(Math.floor(event.nativeEvent.layout.width));
  }, []);
  return { width, onLayout };
}
