/** Days of the year on which something is on: all year, or from one day to another. */
import { editText } from '@/words/screens/edit';
import { StyleSheet, View } from 'react-native';
import type { YearSpan } from '@/core/place/year-span';
import { readYearDay } from '@/core/place/year-day';
import { useTyped } from './use-typed';
import { Button } from '@/ui/controls/Button';
import { Field } from '@/ui/controls/Field';
import { space } from '@/ui/theme/tokens';
import { yearDayWords } from '@/words/day-words';

interface Props {
  readonly on: YearSpan | undefined;
  /** Changes the days as they then stand. */
  readonly onChange: (work: (on: YearSpan | undefined) => YearSpan | undefined) => void;
  /** "On", "In use": what happens on those days. */
  readonly word?: string;
  /** What taking the span away is called; absent: all year again. */
  readonly away?: string;
}

/** A winter's dress, until it is said otherwise. */
const winter: YearSpan = { from: '11-01', to: '03-31' };

export function SeasonFields({ on, onChange, word = editText.on, away }: Props) {
  if (!on) {
    return (
      <Button
        look="key"
        label={editText.allYearOnlyPartOf(word)}
        onPress={() => onChange(() => winter)}
      />
    );
  }
  return (
    <View style={styles.season}>
      <View style={styles.row}>
        <DayField
          label={editText.from(word)}
          day={on.from}
          onChange={(from) => onChange((it = on) => ({ ...it, from }))}
        />
        <DayField
          label={editText.to}
          day={on.to}
          onChange={(to) => onChange((it = on) => ({ ...it, to }))}
        />
      </View>
      <Button
        look="key"
        label={away ?? editText.allYearAgain(word)}
        onPress={() => onChange(() => undefined)}
      />
    </View>
  );
}

interface DayProps {
  readonly label: string;
  readonly day: string;
  readonly onChange: (day: string) => void;
}

function DayField({ label, day, onChange }: DayProps) {
  const typed = useTyped(
    yearDayWords(day),
    (text) => {
      const read = readYearDay(text);
      return read === undefined ? { sentence: editText.isNoDayOfThe(text) } : { value: read };
    },
    onChange,
  );
  return (
    <View style={styles.day}>
      <Field label={label} {...typed} />
    </View>
  );
}

const styles = StyleSheet.create({
  season: { gap: space.s },
  row: { flexDirection: 'row', gap: space.s },
  day: { flex: 1 },
});
