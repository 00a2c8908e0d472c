/** A sentence that wants reading: what went wrong, or what to mind. */
import { StyleSheet, View } from 'react-native';
import { color, space } from '../theme/tokens';
import { Txt } from './Txt';

export function Notice({
  children,
  tone = 'open',
}: {
  readonly children: string;
  readonly tone?: 'open' | 'hours' | 'holds';
}) {
  return (
    <View
      style={[styles.box, { borderLeftColor: color[tone] }]}
      {...(tone === 'open' && { role: 'alert' as const })}
    >
      <Txt kind="body">{children}</Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { borderLeftWidth: 4, paddingLeft: space.m, paddingVertical: space.xs },
});
