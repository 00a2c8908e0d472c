/** A part of a page that few come for: on a phone one line, which opens it; on a wide screen a part like any other. */
import { useState, type ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { color, font, space, touch } from '../theme/tokens';
import { useWide } from '../theme/use-wide';
import { Part } from './Part';
import { Txt } from './Txt';

interface Props {
  readonly title: string;
  /** What it comes to, said while it is folded. */
  readonly closed: string;
  readonly children: ReactNode;
}

/** Whoever comes back finds open what was left open. */
const leftOpen = new Set<string>();

export function FoldedPart({ title, closed, children }: Props) {
  const wide = useWide();
  const [open, setOpen] = useState(leftOpen.has(title));
  if (wide) return <Part title={title}>{children}</Part>;
  const turn = () => {
    if (open) leftOpen.delete(title);
    else leftOpen.add(title);
    setOpen(!open);
  };
  return (
    <View role="group" aria-label={title} style={styles.part}>
      <View role="heading" aria-level={2}>
        <Pressable
          role="button"
          aria-expanded={open}
          aria-label={open ? title : `${title}: ${closed}`}
          onPress={turn}
          style={styles.head}
        >
          <View style={styles.words}>
            <Txt kind="inherit" style={styles.title}>
              {title}
            </Txt>
            {!open && (
              <Txt tone="ink2" lines={1}>
                {closed}
              </Txt>
            )}
          </View>
          <Txt kind="label" tone="ink2">
            {open ? '–' : '+'}
          </Txt>
        </Pressable>
      </View>
      {open && <View style={styles.inside}>{children}</View>}
    </View>
  );
}

const styles = StyleSheet.create({
  part: { backgroundColor: color.paper, borderTopWidth: 1, borderTopColor: color.hairline },
  head: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    minHeight: touch,
    paddingHorizontal: space.l,
    paddingVertical: space.m,
  },
  words: { flex: 1, minWidth: 0 },
  title: { fontFamily: font.narrow, fontWeight: '600', fontSize: 25, lineHeight: 30 },
  inside: { paddingHorizontal: space.l, paddingBottom: space.l, gap: space.m },
});
