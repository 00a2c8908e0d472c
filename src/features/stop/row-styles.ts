/** A row of a stop: what is touched, its words, its tick. */
import { StyleSheet } from 'react-native';
import { color, space, touch } from '@/ui/theme/tokens';

export const rowStyles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    alignContent: 'center',
    columnGap: space.s,
    paddingRight: space.l,
    minHeight: touch,
    backgroundColor: color.paper,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  marked: { boxShadow: `inset 4px 0 0 ${color.strand}` },
  touch: {
    flexGrow: 1,
    flexShrink: 1,
    flexBasis: 150,
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    alignContent: 'center',
    columnGap: space.m,
    minHeight: touch,
    paddingLeft: space.l,
    paddingVertical: space.xs,
  },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 110, minWidth: 0 },
  tick: {
    minWidth: 52,
    marginLeft: 'auto',
    minHeight: 44,
    paddingHorizontal: space.s,
    marginVertical: space.xs,
  },
});
