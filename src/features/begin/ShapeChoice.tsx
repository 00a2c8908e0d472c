/** What the place looks like: one of the starting shapes, or paced side by side. */
import { beginText } from '@/words/screens/begin';
import { Pressable, StyleSheet, View } from 'react-native';
import { shapeIds, type ShapeId } from '@/core/place/shapes';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { shapeNames } from '@/words/shape-words';
import { ShapePicture } from './ShapePicture';

export type Start = ShapeId | 'paced';

/** Empty cells, so that those of the last row are as wide as all others. */
const lastRow = [1, 2, 3] as const;

interface Props {
  readonly value: Start;
  readonly onChange: (value: Start) => void;
}

export function ShapeChoice({ value, onChange }: Props) {
  return (
    <View role="group" aria-label={beginText.whatItLooksLike} style={styles.choice}>
      <Txt kind="strong">{beginText.whatItLooksLike}</Txt>
      <View style={styles.wrap}>
        {shapeIds.map((id) => (
          <ShapeCard key={id} id={id} selected={value === id} onPress={() => onChange(id)} />
        ))}
        {lastRow.map((it) => (
          <View key={it} style={styles.beside} />
        ))}
      </View>
      <Button
        look="chip"
        label={beginText.noneOfThesePaceIt}
        selected={value === 'paced'}
        onPress={() => onChange('paced')}
      />
    </View>
  );
}

interface CardProps {
  readonly id: ShapeId;
  readonly selected: boolean;
  readonly onPress: () => void;
}

function ShapeCard({ id, selected, onPress }: CardProps) {
  const [name, like] = shapeNames[id];
  return (
    <Pressable
      role="button"
      aria-label={`${name}, ${like}`}
      aria-pressed={selected}
      onPress={onPress}
      style={[styles.card, selected && styles.chosen]}
    >
      <ShapePicture shape={id} />
      <Txt kind="label" style={styles.name}>
        {name}
      </Txt>
      <Txt kind="small" tone="ink2" style={styles.name}>
        {like}
      </Txt>
    </Pressable>
  );
}

const cell = { flexGrow: 1, flexBasis: 128, maxWidth: 178 } as const;

const styles = StyleSheet.create({
  choice: { gap: space.s },
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  card: {
    ...cell,
    alignItems: 'center',
    paddingVertical: space.s,
    paddingHorizontal: space.xs,
    borderRadius: 8,
    borderWidth: 2,
    borderColor: color.hairline,
    backgroundColor: color.paper,
  },
  beside: cell,
  chosen: { borderColor: color.ink, borderWidth: 3 },
  name: { textAlign: 'center' },
});
