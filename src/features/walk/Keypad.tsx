/** Digits, the point, fractions of an inch, and the change of unit. */
import { walkText } from '@/words/screens/walk';
import type { Dispatch, SetStateAction } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Units } from '@/core/place/place';
import { Button } from '@/ui/controls/Button';
import { space } from '@/ui/theme/tokens';
import { useShort } from '@/ui/theme/use-short';
import { fractionSigns } from '@/words/length-words';

interface Props {
  readonly setText: Dispatch<SetStateAction<string>>;
  readonly units: Units;
  /** Absent where the reading is no length: it has one unit, and no fractions of an inch. */
  readonly setUnits: ((units: Units) => void) | undefined;
  readonly onCannotTell: () => void;
  /** While a reading is being stored. */
  readonly busy: boolean;
}

const fractions = ['1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'] as const;

/** What has been typed is not asked for: no key is drawn anew because another was pressed. */
export function Keypad({ setText, units, setUnits, onCannotTell, busy }: Props) {
  const type = (sign: string) => setText((text) => text + sign);
  const short = useShort();
  const key = [styles.key, short && styles.shortKey];
  const digit = (sign: string) => (
    <Button key={sign} look="key" label={sign} onPress={() => type(sign)} style={key} />
  );
  const other: Units = units === 'metric' ? 'imperial' : 'metric';
  return (
    <View style={styles.pad}>
      {units === 'imperial' && setUnits && (
        <View style={styles.row}>
          {fractions.map((fraction) => (
            <Button
              key={fraction}
              look="chip"
              label={fractionSigns[fraction] ?? fraction}
              says={walkText.inch(fraction)}
              onPress={() => setText((text) => withFraction(text, fraction))}
              style={key}
            />
          ))}
          <Button
            look="chip"
            label={walkText.plusASixteenth}
            says={walkText.aSixteenthMore}
            onPress={() => setText(withSixteenth)}
            style={key}
          />
        </View>
      )}
      <View style={styles.row}>
        {['1', '2', '3'].map(digit)}
        <Button
          look="key"
          label="⌫"
          says={walkText.deleteTheLastSign}
          onPress={() => setText(withoutLast)}
          style={key}
        />
      </View>
      <View style={styles.row}>
        {['4', '5', '6'].map(digit)}
        {setUnits ? (
          <Button
            look="key"
            label={units === 'metric' ? walkText.toInches : walkText.toMm}
            onPress={() => {
              setUnits(other);
              setText('');
            }}
            style={key}
          />
        ) : (
          <View style={key} />
        )}
      </View>
      <View style={styles.row}>
        {['7', '8', '9'].map(digit)}
        <Button look="key" label={walkText.clear} onPress={() => setText('')} style={key} />
      </View>
      <View style={styles.row}>
        <Button
          look="key"
          label={walkText.cantTell}
          disabled={busy}
          onPress={onCannotTell}
          style={key}
        />
        {digit('0')}
        {digit('.')}
        <Button
          look="key"
          label={walkText.to}
          says={walkText.toFromThisToThat}
          onPress={() => setText(withRange)}
          style={key}
        />
      </View>
    </View>
  );
}

/** One fraction a length: a second one takes the first one's place. */
export function withFraction(text: string, fraction: string): string {
  const [, before = '', last = text] = /^(.*\bto )(.*)$/.exec(text) ?? [];
  return before + oneFraction(last, fraction);
}

function oneFraction(text: string, fraction: string): string {
  const whole = text.replace(/\s*\d+\/\d+$/, '').trim();
  return whole === '' ? fraction : `${whole} ${fraction}`;
}

/** A sixteenth more than the eighth there: 3/8 becomes 7/16, and nothing 1/16. One that is there already goes. */
export function withSixteenth(text: string): string {
  const [, over = '0', under = '16'] = /(\d+)\/(\d+)$/.exec(text) ?? [];
  const sixteenths = (Number(over) * 16) / Number(under);
  const next = sixteenths % 2 === 0 ? sixteenths + 1 : sixteenths - 1;
  return next === 0 ? text.replace(/\s*\d+\/\d+$/, '') : withFraction(text, reduced(next));
}

function reduced(sixteenths: number): string {
  const parts = [2, 4, 8, 16].find((under) => (sixteenths * under) % 16 === 0) ?? 16;
  return `${(sixteenths * parts) / 16}/${parts}`;
}

/** From this to that: nothing comes before the first length, and there is no third. */
export function withRange(text: string): string {
  return /\bto\b/.test(text) || text === '' ? text : walkText.rangeFrom(text);
}

/** A fraction goes as a whole, digits one by one. */
export function withoutLast(text: string): string {
  if (text.endsWith(' to ')) return text.slice(0, -' to '.length);
  return /\d+\/\d+$/.test(text) ? text.replace(/\s*\d+\/\d+$/, '') : text.slice(0, -1);
}

const styles = StyleSheet.create({
  pad: { gap: space.s },
  row: { flexDirection: 'row', gap: space.s },
  key: { flex: 1, minHeight: 48 },
  shortKey: { minHeight: 44 },
});
