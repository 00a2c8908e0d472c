/** One question about what was found, answered from pictures. */
import { Pressable, StyleSheet, View } from 'react-native';
import { signAnswers, type SignAnswer, type SignQuestion } from '@/core/tables/signs';
import { Button } from '@/ui/controls/Button';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { SignPicture } from '@/ui/drawings/sign-pictures';
import { color, space, touch } from '@/ui/theme/tokens';
import { answerWords, signQuestionWords } from '@/words/sign-words';
import { happenedText } from '@/words/screens/happened';

interface Props {
  readonly question: SignQuestion;
  readonly number: number;
  readonly busy: boolean;
  readonly onAnswer: (answer: SignAnswer) => void;
  readonly onPass: () => void;
}

export function QuestionPart({ question, number, busy, onAnswer, onPass }: Props) {
  const answers: readonly SignAnswer[] = signAnswers[question];
  return (
    <Part title={signQuestionWords[question]}>
      <Txt kind="small" tone="ink2">
        {happenedText.askedOf(number)}
      </Txt>
      <View style={styles.answers}>
        {answers.map((it) => (
          <Pressable
            key={it}
            role="button"
            aria-label={answerWords(question, it)[0]}
            disabled={busy}
            onPress={() => onAnswer(it)}
            style={({ pressed }) => [styles.answer, pressed && styles.pressed]}
          >
            <SignPicture question={question} answer={it} />
            <Txt kind="label" style={styles.words}>
              {answerWords(question, it)[0]}
            </Txt>
          </Pressable>
        ))}
      </View>
      <Button look="plain" label={happenedText.cannotTell} disabled={busy} onPress={onPass} />
    </Part>
  );
}

const styles = StyleSheet.create({
  answers: { gap: space.s },
  answer: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    minHeight: touch,
    paddingHorizontal: space.m,
    paddingVertical: space.xs,
    borderWidth: 1,
    borderColor: color.wire,
    borderRadius: 8,
  },
  pressed: { opacity: 0.75 },
  words: { flex: 1 },
});
