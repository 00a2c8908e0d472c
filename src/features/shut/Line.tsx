/** One line of the evening: what it is, how it stands, and a way to say that it is not so. */
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { color, space, touch } from '@/ui/theme/tokens';
import { shutText } from '@/words/screens/shut';

interface Props {
  readonly name: string;
  readonly how: string;
  readonly tone: 'ink2' | 'open' | 'holds';
  readonly isOpen: boolean;
  readonly onToggle: () => void;
  readonly children: ReactNode;
}

export function Line({ name, how, tone, isOpen, onToggle, children }: Props) {
  return (
    <View role="listitem" style={styles.line}>
      <View style={styles.row}>
        <View style={styles.words}>
          <Txt kind="strong">{name}</Txt>
          <Txt tone={tone}>{how}</Txt>
        </View>
        <Button
          look="key"
          label={isOpen ? shutText.closeIt : shutText.change}
          says={isOpen ? `${shutText.closeIt}: ${name}` : shutText.changeIt(name)}
          onPress={onToggle}
          style={styles.toggle}
        />
      </View>
      {isOpen && <View style={styles.more}>{children}</View>}
    </View>
  );
}

const styles = StyleSheet.create({
  line: { borderTopWidth: 1, borderTopColor: color.hairline, backgroundColor: color.paper },
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    minHeight: touch + space.s,
    paddingHorizontal: space.l,
    paddingVertical: space.s,
  },
  words: { flex: 1 },
  toggle: { minWidth: 84 },
  more: { paddingHorizontal: space.l, paddingBottom: space.m, gap: space.m },
});
