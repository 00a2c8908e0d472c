/** A part of a wide page that scrolls by itself, with a name for who cannot see where it stands. */
import type { ReactNode } from 'react';
import { ScrollView, type StyleProp, type ViewStyle } from 'react-native';
import { useKeptScroll } from './use-kept-scroll';

interface Props {
  readonly name: string;
  readonly style: StyleProp<ViewStyle>;
  readonly children: ReactNode;
}

export function Column({ name, style, children }: Props) {
  const scroll = useKeptScroll(name);
  return (
    <ScrollView ref={scroll} style={style} role="region" tabIndex={0} aria-label={name}>
      {children}
    </ScrollView>
  );
}
