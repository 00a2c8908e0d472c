/** A length: typed on keys a glove can hit, or one tap on a usual size; what it means stands beside it. */
import { useDeferredValue, useEffect, useRef, type ReactNode } from 'react';
import { StyleSheet, TextInput, View } from 'react-native';
import type { AttributeId } from '@/core/place/attributes';
import type { Place } from '@/core/place/place';
import { isLength, readLength, type Units } from '@/core/walk/length-entry';
import { meaningOf } from '@/core/walk/what-it-means';
import type { Question, QuestionKind } from '@/core/walk/questions';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { color, font, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { unitOf } from '@/words/length-words';
import { questionWords } from '@/words/question-words';
import { Keypad } from './Keypad';
import { lastLength, LastReading } from './LastReading';
import { MeaningLines } from './MeaningLines';
import type { LengthAnswer } from './use-answer';

interface Props {
  readonly place: Place;
  readonly question: Question;
  readonly answer: LengthAnswer;
  readonly onSubmit: () => void;
  readonly onCannotTell: () => void;
  readonly busy: boolean;
  /** What can be said in one tap, while nothing has been typed. */
  readonly quick: ReactNode;
}

/** Sizes that gaps and mesh usually have, mm. In inches the fractions of the keypad take their place. */
const usualSizes = ['0', '6', '12', '25', '50'];
const usualSkirts = ['0', '150', '300', '450', '600'];
const usualFor: Readonly<Partial<Record<QuestionKind, readonly string[]>>> = {
  'skirt-depth': usualSkirts,
  'skirt-outward': usualSkirts,
  pegs: usualSkirts,
  roost: ['100', '200', '300', '500', '1000'],
  'frame-weight': ['10', '20', '40', '60', '100'],
  'strand-height': ['90', '150', '200', '300', '450'],
  volts: ['0', '2', '4', '6', '8'],
};

/** Numbers that are no lengths say their own unit. */
const usualChecks: Readonly<Partial<Record<AttributeId, readonly string[]>>> = {
  'check.voltsNear': ['0', '2', '4', '6', '8'],
  'check.earth': ['0', '0.1', '0.2', '0.3', '0.5'],
  'check.shutTook': ['2', '5', '10', '15', '20'],
};

export function LengthReading({
  place,
  question,
  answer,
  onSubmit,
  onCannotTell,
  busy,
  quick,
}: Props) {
  const { text, setText, units, setUnits, mm } = answer;
  // The digit is seen first; what it means may follow a frame later.
  const meant = useDeferredValue(mm);
  const last = lastLength(question);
  const unit = unitOf(question.attribute);
  const unitWord = unit === 'mm' ? (units === 'metric' ? 'mm' : 'inches') : unit;
  const input = useRef<TextInput>(null);
  const wide = useWide();
  // Where there is a keyboard, digits go straight into the reading.
  useEffect(() => {
    if (wide) input.current?.focus();
  }, [wide]);
  // Worked out once before it is asked for, so that the first digit is not slower than the rest.
  useEffect(() => {
    const timer = setTimeout(() => meaningOf(place, question.item, question.attribute, 20), 60);
    return () => clearTimeout(timer);
  }, [place, question]);
  return (
    <>
      <View style={styles.box}>
        <View style={styles.figure}>
          <TextInput
            ref={input}
            aria-label={`${questionWords(question, place).title}, ${unitWord === 'mm' ? 'millimetres' : unitWord}`}
            value={text}
            onChangeText={setText}
            onSubmitEditing={onSubmit}
            // The keys below are the keyboard of a phone; a real one types as well.
            inputMode="none"
            placeholder="–"
            placeholderTextColor={color.ink3}
            style={styles.input}
          />
          <Txt tone="ink2">{unitWord}</Txt>
        </View>
        <View style={styles.meaning}>
          {text === '' && quick ? (
            quick
          ) : (
            <MeaningLines place={place} question={question} mm={meant} />
          )}
          <LastReading place={place} question={question} last={last} mm={meant} />
        </View>
      </View>
      {(units === 'metric' || unit !== 'mm') && question.attribute !== 'check.heads' && (
        <View style={styles.chips}>
          {(usualChecks[question.attribute] ?? usualFor[question.kind] ?? usualSizes).map(
            (size) => (
              <Button
                key={size}
                look="chip"
                label={size === '0' ? 'none' : size}
                selected={isSame(size, text, units)}
                onPress={() => setText(size)}
                style={styles.chip}
              />
            ),
          )}
        </View>
      )}
      <Keypad
        setText={setText}
        units={units}
        setUnits={unit === 'mm' ? setUnits : undefined}
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
    minHeight: 96,
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
