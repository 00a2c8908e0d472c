/** A reading of what kind: a mesh, a latch. Each choice says what it stops here. */
import { walkText } from '@/words/screens/walk';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { isKnown } from '@/core/place/possible';
import type { Place } from '@/core/place/place';
import { isBetter } from '@/core/walk/better';
import { choicesInUse } from '@/core/walk/choices-in-use';
import type { Question } from '@/core/walk/questions';
import { meshes, type MeshId } from '@/core/tables/meshes';
import { Button } from '@/ui/controls/Button';
import { Radio, RadioGroup } from '@/ui/controls/Radios';
import { Txt } from '@/ui/controls/Txt';
import { ChoicePicture } from '@/ui/drawings/ChoicePicture';
import { color, space, touch } from '@/ui/theme/tokens';
import { answerWords, questionWords } from '@/words/attributes';
import { MeaningLines } from './MeaningLines';
import type { ChoiceAnswer } from './use-answer';

interface Props {
  readonly place: Place;
  readonly question: Question;
  readonly answer: ChoiceAnswer;
  /** Whether digits choose, and are shown. */
  readonly numbered: boolean;
}

export function ChoiceReading({ place, question, answer, numbered }: Props) {
  const [all, setAll] = useState(false);
  const last = isKnown<string>(question.known) ? question.known.is : undefined;
  const mesh = answer.chosen as MeshId | 'none' | undefined;
  const clear =
    question.attribute === 'layer.mesh' && mesh && mesh !== 'none'
      ? meshes[mesh].clear.value
      : undefined;
  const inUse = choicesInUse(place, question.attribute);
  const isUsual = (choice: string, index: number) =>
    all || index < usual || inUse.has(choice) || [answer.chosen, last, 'none'].includes(choice);
  const shown = answer.choices.filter(isUsual);
  const stop = shown.find((it) => it === answer.chosen) ?? shown[0];
  return (
    <RadioGroup says={questionWords(question, place).title} style={styles.list}>
      {clear !== undefined && (
        <View style={styles.meaning}>
          <MeaningLines place={place} question={question} value={clear} />
        </View>
      )}
      {shown.map((choice) => {
        const [name, note] = answerWords(place, question.attribute, choice);
        return (
          <Radio
            key={choice}
            checked={answer.chosen === choice}
            isStop={choice === stop}
            says={note === '' ? name : `${name}, ${note}`}
            onPress={() => answer.choose(choice)}
            style={[styles.choice, answer.chosen === choice && styles.chosen]}
          >
            {numbered && answer.choices.indexOf(choice) < 9 && (
              <Txt kind="label" tone="ink2" style={styles.number}>
                {answer.choices.indexOf(choice) + 1}
              </Txt>
            )}
            <ChoicePicture attribute={question.attribute} choice={choice} />
            <View style={styles.words}>
              <Txt kind="strong">{name}</Txt>
              {(note !== '' || last === choice || answer.chosen === choice) && (
                <Txt kind="small" tone="ink2">
                  {[note, againstLast(question, choice, last, answer.chosen)]
                    .filter(Boolean)
                    .join(' · ')}
                </Txt>
              )}
            </View>
          </Radio>
        );
      })}
      {shown.length < answer.choices.length && (
        <Button look="plain" label={walkText.moreKinds} onPress={() => setAll(true)} />
      )}
    </RadioGroup>
  );
}

/** Of what was found last, that it was; of what is chosen now, whether that is better or worse. */
function againstLast(
  { attribute }: Question,
  choice: string,
  last: string | undefined,
  chosen: string | undefined,
): string {
  if (choice === last) return walkText.lastWalk;
  const better =
    choice === chosen && last !== undefined ? isBetter(attribute, choice, last) : undefined;
  if (better === undefined) return '';
  return better ? walkText.betterThanLastTime : walkText.worseThanLastTime;
}

/** Kinds shown at once, beside those that this place has already; the rest, seldom met, are one tap away. */
const usual = 9;

const styles = StyleSheet.create({
  list: { gap: space.s },
  meaning: { alignItems: 'flex-end' },
  choice: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    minHeight: touch,
    padding: space.s,
    backgroundColor: color.paper,
    borderWidth: 2,
    borderColor: color.hairline,
    borderRadius: 8,
  },
  chosen: { borderColor: color.ink, backgroundColor: color.ground },
  words: { flex: 1 },
  number: { width: 16, textAlign: 'center' },
});
