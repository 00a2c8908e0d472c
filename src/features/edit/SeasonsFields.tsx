/** Stretches of the year in which something is so: all year, one stretch, or several. */
import { StyleSheet, View } from 'react-native';
import type { YearSpan } from '@/core/place/year-span';
import { Button } from '@/ui/controls/Button';
import { space } from '@/ui/theme/tokens';
import { editText } from '@/words/screens/edit';
import { SeasonFields } from './SeasonFields';

interface Props {
  readonly on: readonly YearSpan[] | undefined;
  /** `undefined`: all year. */
  readonly onChange: (on: readonly YearSpan[] | undefined) => void;
  readonly word: string;
}

/** A summer's, until it is said otherwise. */
const summer: YearSpan = { from: '05-01', to: '08-31' };

export function SeasonsFields({ on, onChange, word }: Props) {
  const all = on ?? [];
  const change = (index: number, span: YearSpan | undefined) => {
    const spans = all.flatMap((it, at) => (at === index ? (span ?? []) : it));
    onChange(spans.length > 0 ? spans : undefined);
  };
  if (!on) {
    return (
      <SeasonFields word={word} on={undefined} onChange={(span) => span && onChange([span])} />
    );
  }
  return (
    <View style={styles.seasons}>
      {all.map((span, index) => (
        <SeasonFields
          key={index}
          word={word}
          on={span}
          onChange={(it) => change(index, it)}
          {...(all.length > 1 && { away: editText.notThen(word, index + 1) })}
        />
      ))}
      <Button
        look="key"
        label={editText.andAgain(word)}
        onPress={() => onChange([...all, summer])}
      />
    </View>
  );
}

const styles = StyleSheet.create({ seasons: { gap: space.m } });
