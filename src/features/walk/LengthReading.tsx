/** A length: typed on keys a glove can hit, or one tap on a usual size; what it means stands beside it. */
import { useEffect, useRef } from 'react';
import { StyleSheet, TextInput, View } from 'react-native';
import type { Place } from '@/core/place/place';
import { isLength, readLength, type Units } from '@/core/walk/length-entry';
import type { Question } from '@/core/walk/questions';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { color, font, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { lengthWords } from '@/words/length-words';
import { questionWords } from '@/words/question-words';
import { Keypad } from './Keypad';
import { lastLength, LastReading } from './LastReading';
import { MeaningLines } from './MeaningLines';
import { asEntered, type LengthAnswer } from './use-answer';

interface Props {
  readonly place: Place;
  readonly question: Question;
  readonly answer: LengthAnswer;
  readonly onSubmit: () => void;
  readonly onCannotTell: () => void;
  readonly busy: boolean;
}

/** Sizes that gaps and mesh usually have, mm. In inches the fractions of the keypad take their place. */
const usualSizes = ['0', '6', '12', '25', '50'];
const usualSkirts = ['0', '150', '300', '450', '600'];

export function LengthReading({ place, question, answer, onSubmit, onCannotTell, busy }: Props) {
  const { text, setText, units, setUnits, mm } = answer;
  const last = lastLength(question);
  const skirt = question.attribute.startsWith('skirt');
  const input = useRef<TextInput>(null);
  const wide = useWide();
  // Where there is a keyboard, digits go straight into the reading.
  useEffect(() => {
    if (wide) input.current?.focus();
  }, [wide]);
  return (
    <>
      <View style={styles.box}>
        <View style={styles.figure}>
          <TextInput
            ref={input}
            aria-label={`${questionWords(question, place).title}, ${units === 'metric' ? 'millimetres' : 'inches'}`}
            value={text}
            onChangeText={setText}
            onSubmitEditing={onSubmit}
            // The keys below are the keyboard of a phone; a real one types as well.
            inputMode="none"
            placeholder="–"
            placeholderTextColor={color.ink3}
            style={styles.input}
          />
          <Txt tone="ink2">{units === 'metric' ? 'mm' : 'inches'}</Txt>
        </View>
        <View style={styles.meaning}>
          <MeaningLines place={place} question={question} mm={mm} />
          <LastReading place={place} last={last} mm={mm} better={skirt ? 'more' : 'less'} />
        </View>
      </View>
      {units === 'metric' && (
        <View style={styles.chips}>
          {(skirt ? usualSkirts : usualSizes).map((size) => (
            <Button
              key={size}
              look="chip"
              label={size === '0' ? 'none' : size}
              selected={isSame(size, text, units)}
              onPress={() => setText(size)}
              style={styles.chip}
            />
          ))}
        </View>
      )}
      <Keypad
        text={text}
        setText={setText}
        units={units}
        setUnits={setUnits}
        last={last === undefined ? undefined : lengthWords(last, place.units)}
        onLast={() => {
          if (last === undefined) return;
          const before = asEntered(last, question.known);
          setUnits(before.units);
          setText(before.text);
        }}
        onCannotTell={onCannotTell}
        busy={busy}
      />
    </>
  );
}

function isSame(size: string, text: string, units: Units): boolean {
  const read = readLength(text, units, Infinity);
  const chip = readLength(size, units, Infinity);
  return isLength(read) && isLength(chip) && read.mm === chip.mm;
}

const styles = StyleSheet.create({
  box: {
    flexDirection: 'row',
    backgroundColor: color.paper,
    borderWidth: 2,
    borderColor: color.ink,
    borderRadius: 8,
    paddingHorizontal: space.m,
    paddingVertical: space.s,
    gap: space.m,
    minHeight: 100,
  },
  figure: { width: 116 },
  input: {
    fontFamily: font.narrow,
    fontWeight: '600',
    fontSize: 42,
    height: 56,
    width: 116,
    color: color.ink,
    fontVariant: ['tabular-nums'],
  },
  meaning: { flex: 1, alignItems: 'flex-end', gap: 2 },
  chips: { flexDirection: 'row', gap: space.s },
  chip: { flex: 1 },
});
