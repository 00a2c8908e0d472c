/** The walk as a bar that fills: one piece a stop, ways in found so far marked in it. */
import { walkText } from '@/words/screens/walk';
import { StyleSheet, View } from 'react-native';
import type { BayId } from '@/core/place/place';
import type { Stop } from '@/core/walk/stops';
import { color, space } from '@/ui/theme/tokens';

interface Props {
  readonly stops: readonly Stop[];
  readonly isDone: (id: string) => boolean;
  readonly here: string | undefined;
  readonly open: ReadonlySet<BayId>;
}

export function FilledBar({ stops, isDone, here, open }: Props) {
  const done = stops.filter(({ questions }) => questions.every(({ id }) => isDone(id))).length;
  return (
    <View role="img" aria-label={walkText.ofStopsDone(done, stops.length)} style={styles.bar}>
      {stops.map((stop) => {
        const share =
          stop.questions.filter(({ id }) => isDone(id)).length / (stop.questions.length || 1);
        return (
          <View key={stop.id} style={[styles.piece, stop.id === here && styles.here]}>
            <View style={[styles.fill, { width: `${Math.round(share * 100)}%` }]} />
            {share > 0 && stop.bay !== undefined && open.has(stop.bay) && (
              <View style={styles.open} />
            )}
          </View>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  bar: {
    flexDirection: 'row',
    gap: 2,
    paddingHorizontal: space.l,
    height: 12,
    alignItems: 'center',
  },
  piece: { flex: 1, height: 6, backgroundColor: color.hairline },
  here: { height: 12, borderWidth: 1, borderColor: color.ink },
  fill: { height: '100%', backgroundColor: color.ink },
  open: {
    position: 'absolute',
    left: '25%',
    width: '50%',
    top: -3,
    height: 12,
    backgroundColor: color.open,
  },
});
