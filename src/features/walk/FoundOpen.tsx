/** Said at once: the reading just taken leaves it plainly open. What helps tonight, without leaving the walk. */
import { walkText } from '@/words/screens/walk';
import { StyleSheet, View } from 'react-native';
import type { Place } from '@/core/place/place';
import type { JustFound } from '@/core/walk/just-found';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { openNow } from '@/words/open-now-words';

export function FoundOpen({ place, found }: { readonly place: Place; readonly found: JustFound }) {
  const { title, tonight } = openNow(place, found);
  return (
    <View role="alert" style={styles.box}>
      <Txt kind="strong" tone="open">
        {title}
      </Txt>
      <Txt kind="small">{walkText.forTonight(tonight)}</Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  box: {
    borderLeftWidth: 4,
    borderLeftColor: color.open,
    paddingLeft: space.m,
    paddingVertical: space.xs,
  },
});
