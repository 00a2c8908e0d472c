/** First by Tab, seen only then: past the rail to the page itself. */
import { useState } from 'react';
import { Pressable, StyleSheet } from 'react-native';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { frameText } from '@/words/screens/frame';

export function SkipLink() {
  const [focused, setFocused] = useState(false);
  return (
    <Pressable
      role="button"
      onPress={() => document.querySelector<HTMLElement>('h1')?.focus()}
      onFocus={() => setFocused(true)}
      onBlur={() => setFocused(false)}
      style={[styles.link, focused && styles.shown]}
    >
      <Txt kind="label" tone="onHolds">
        {frameText.toThePage}
      </Txt>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  link: {
    position: 'absolute',
    top: -80,
    left: space.s,
    zIndex: 10,
    padding: space.m,
    borderRadius: 8,
    backgroundColor: color.holds,
  },
  shown: { top: space.s },
});
