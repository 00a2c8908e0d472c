/** Stretches of the year in which something is so: all year, one stretch, or several. */
import { StyleSheet, View } from 'react-native';
import type { YearSpan } from '@/core/place/year-span';
import { Button } from '@/ui/controls/Button';
import { space } from '@/ui/theme/tokens';
import { editText } from '@/words/screens/edit';
import { SeasonFields } from './SeasonFields';

interface Props {
  readonly on: readonly YearSpan[] | undefined;
  /** Changes the stretches as they then stand. `undefined`: all year. */
  readonly onChange: (
    work: (on: readonly YearSpan[] | undefined) => readonly YearSpan[] | undefined,
  ) => void;
  readonly word: string;
}

/** A summer's, until it is said otherwise. */
const summer: YearSpan = { from: '05-01', to: '08-31' };

export function SeasonsFields({ on, onChange, word }: Props) {
  const all = on ?? [];
  const change = (index: number, work: (span: YearSpan | undefined) => YearSpan | undefined) =>
    onChange((now = all) => {
      const spans = now.flatMap((it, at) => (at === index ? (work(it) ?? []) : it));
      return spans.length > 0 ? spans : undefined;
    });
  if (!on) {
    return (
      <SeasonFields
        word={word}
        on={undefined}
        onChange={(work) =>
          onChange((now) => {
            const span = work(undefined);
            return span ? [span] : now;
          })
        }
      />
    );
  }
  return (
    <View style={styles.seasons}>
      {all.map((span, index) => (
        <SeasonFields
          key={index}
          word={word}
          on={span}
          onChange={(work) => change(index, work)}
          {...(all.length > 1 && { away: editText.notThen(word, index + 1) })}
        />
      ))}
      <Button
        look="key"
        label={editText.andAgain(word)}
        onPress={() => onChange((now = all) => [...now, summer])}
      />
    </View>
  );
}

const styles = StyleSheet.create({ seasons: { gap: space.m } });
