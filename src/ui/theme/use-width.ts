import { useCallback, useState } from 'react';
import type { LayoutChangeEvent } from 'react-native';
import { paperWidth, usePrinting } from './printing';

/**
 * Width of a view as laid out. Until it is known it is `guess`, so that the first paint already has its drawing
 * in its place and nothing below it jumps.
 */
export function useWidth(guess: number): {
  readonly width: number;
  readonly onLayout: (event: LayoutChangeEvent) => void;
} {
  const [width, setWidth] = useState(Math.floor(guess));
  const onLayout = useCallback((event: LayoutChangeEvent) => {
    setWidth(Math.floor(event.nativeEvent.layout.width));
  }, []);
  return { width: usePrinting() ? paperWidth : width, onLayout };
}
