/** A length: typed on keys a glove can hit, or one tap on a usual size; what it means stands beside it. */
import { walkText } from '@/words/screens/walk';
import { useDeferredValue, useEffect, useRef, type ReactNode } from 'react';
import { StyleSheet, TextInput, View } from 'react-native';
import { attributes, unitOf } from '@/core/attributes';
import type { Unit } from '@/core/attributes/attribute';
import type { Place, Units } from '@/core/place/place';
import { isLength, readLength } from '@/core/walk/length-entry';
import type { Question } from '@/core/walk/questions';
import { isRead, readReading } from '@/core/walk/range-entry';
import type { NewReading } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { color, font, space } from '@/ui/theme/tokens';
import { useShort } from '@/ui/theme/use-short';
import { useWide } from '@/ui/theme/use-wide';
import { questionWords } from '@/words/attributes';
import { fractionSigns } from '@/words/length-words';
import { Keypad } from './Keypad';
import { lastAmount, LastReading } from './LastReading';
import { MeaningLines } from './MeaningLines';
import type { AmountAnswer } from './use-answer';

interface Props {
  readonly place: Place;
  readonly question: Question;
  readonly answer: AmountAnswer;
  readonly onSubmit: () => void;
  readonly onCannotTell: () => void;
  readonly busy: boolean;
  /** What can be said in one tap, while nothing has been typed. */
  readonly quick: ReactNode;
  /** Stores a usual size by the tap on it; absent: it is only put there. */
  readonly onWhole?: (value: NewReading['value']) => void;
}

export function LengthReading({
  place,
  question,
  answer,
  onSubmit,
  onCannotTell,
  busy,
  quick,
  onWhole,
}: Props) {
  const { text, setText, setWhole, typeOn, units, setUnits, value } = answer;
  // The digit is seen first; what it means may follow a frame later.
  const meant = useDeferredValue(value);
  const last = lastAmount(question);
  const attribute = attributes[question.attribute];
  const unit = unitOf(question.attribute);
  const usual = attribute.value === 'amount' ? attribute.usual : [];
  const unitWord = unit === 'mm' ? (units === 'metric' ? 'mm' : 'inches') : unit;
  const input = useRef<TextInput>(null);
  const wide = useWide();
  const short = useShort();
  // Where there is a keyboard, digits go straight into the reading.
  useEffect(() => {
    if (wide) input.current?.focus();
  }, [wide]);
  return (
    <>
      <View style={[styles.box, short && styles.shortBox]}>
        <View style={[styles.figure, short && styles.shortFigure]}>
          <TextInput
            ref={input}
            aria-label={`${questionWords(question, place).title}, ${unitWord === 'mm' ? 'millimetres' : unitWord}`}
            value={text}
            onChangeText={setText}
            onSubmitEditing={onSubmit}
            // The keys below are the keyboard of a phone; a real one types as well.
            inputMode="none"
            selectTextOnFocus={answer.isWhole}
            placeholder="–"
            placeholderTextColor={color.ink3}
            style={[styles.input, short && styles.shortInput]}
          />
          <Txt tone="ink2">{unitWord}</Txt>
        </View>
        <View style={styles.meaning}>
          {text === '' && quick ? (
            quick
          ) : (
            <MeaningLines place={place} question={question} value={meant} />
          )}
          {(!short || text === '') && (
            <LastReading place={place} question={question} last={last} value={meant} />
          )}
        </View>
      </View>
      {usual.length > 0 && !(short && units === 'imperial') && (
        <View style={styles.chips}>
          {usual
            .map((it) => usualSize(it, unit, units))
            .map((size) => (
              <Button
                key={size}
                look="chip"
                label={size === '0' ? walkText.none : (fractionSigns[size] ?? size)}
                // Digits and fractions of the keypad have the plain names.
                {...(units === 'imperial' && unit === 'mm' && { says: walkText.usualSize(size) })}
                selected={isSame(size, text, units)}
                onPress={() => {
                  const read = readReading(size, question.attribute, units);
                  if (onWhole && isRead(read)) onWhole(read);
                  else setWhole(size);
                }}
                style={[styles.chip, short && styles.shortKey]}
              />
            ))}
        </View>
      )}
      <Keypad
        setText={typeOn}
        units={units}
        setUnits={unit === 'mm' ? setUnits : undefined}
        onCannotTell={onCannotTell}
        busy={busy}
      />
    </>
  );
}

/** As it is typed in the keeper's units: to a quarter of an inch, as tapes and boards are. */
function usualSize(value: number, unit: Unit, units: Units): string {
  if (unit !== 'mm' || units === 'metric') return String(value);
  const quarters = Math.round((value / 25.4) * 4);
  const [whole, rest] = [Math.floor(quarters / 4), quarters % 4];
  const fraction = rest === 0 ? '' : rest === 2 ? '1/2' : `${rest}/4`;
  if (whole === 0) return fraction === '' ? '0' : fraction;
  return fraction === '' ? String(whole) : `${whole} ${fraction}`;
}

function isSame(size: string, text: string, units: Units): boolean {
  const read = readLength(text, units, Infinity);
  const chip = readLength(size, units, Infinity);
  return isLength(read) && isLength(chip) && read.mm === chip.mm;
}

const styles = StyleSheet.create({
  box: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    backgroundColor: color.paper,
    borderWidth: 2,
    borderColor: color.ink,
    borderRadius: 8,
    paddingHorizontal: space.m,
    paddingVertical: space.s,
    columnGap: space.m,
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
  meaning: { flexGrow: 1, flexShrink: 1, flexBasis: 110, alignItems: 'flex-end', gap: 2 },
  chips: { flexDirection: 'row', gap: space.s },
  chip: { flex: 1 },
  shortBox: { minHeight: 72, paddingVertical: space.xs },
  shortFigure: { width: 100 },
  shortInput: { width: 100, height: 42, fontSize: 34 },
  shortKey: { minHeight: 44 },
});
