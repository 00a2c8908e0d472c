/** What is touched of a wall: lies over the drawing, names the wall and how it stands. Made anew only where one of these changed. */
import { memo } from 'react';
import { Pressable, StyleSheet } from 'react-native';
import type { BayId } from '@/core/place/place';

interface Props {
  readonly bay: BayId;
  readonly says: string;
  readonly pressed: boolean;
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  /** Degrees clockwise about its middle. */
  readonly angle?: number;
  readonly onSelect: (bay: BayId) => void;
}

export const WallTouch = memo(function WallTouch({
  bay,
  says,
  pressed,
  left,
  top,
  width,
  height,
  angle,
  onSelect,
}: Props) {
  return (
    <Pressable
      role="button"
      aria-label={says}
      aria-pressed={pressed}
      onPress={() => onSelect(bay)}
      style={[
        styles.touch,
        { left, top, width, height },
        angle !== undefined && { transform: [{ rotate: `${angle}deg` }] },
      ]}
    />
  );
});

const styles = StyleSheet.create({ touch: { position: 'absolute' } });
