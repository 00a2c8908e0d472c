/** A row of a stop: what is touched, its words, its tick. */
import { StyleSheet } from 'react-native';
import { color, space, touch } from '@/ui/theme/tokens';

export const rowStyles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.s,
    paddingRight: space.l,
    minHeight: touch,
    backgroundColor: color.paper,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  marked: { boxShadow: `inset 4px 0 0 ${color.strand}` },
  touch: {
    flex: 1,
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    minHeight: touch,
    paddingLeft: space.l,
    paddingVertical: space.xs,
  },
  words: { flex: 1, minWidth: 0 },
  tick: { minWidth: 52, minHeight: 44, paddingHorizontal: space.s, marginVertical: space.xs },
});
