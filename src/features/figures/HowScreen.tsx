/** How the judgement works, on one page, with its limits and assumptions. */
import { figuresText } from '@/words/screens/figures';
import { StyleSheet, View } from 'react-native';
import { BackLink } from '@/ui/controls/BackLink';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Part } from '@/ui/controls/Part';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { assumptions, limits, steps } from '@/words/how-words';

export function HowScreen() {
  return (
    <Screen>
      <View style={styles.head}>
        <BackLink href="/figures" name={figuresText.figures} />
        <Txt kind="title">{figuresText.howItIsJudged}</Txt>
        <Txt tone="ink2">{figuresText.rookleRanksAndExplainsIt}</Txt>
      </View>
      <Part title={figuresText.inOrder}>
        <Lines lines={steps} numbered />
      </Part>
      <Part title={figuresText.whatItCannotTell}>
        <Lines lines={limits} />
      </Part>
      <Part title={figuresText.assumptionsOfOurs}>
        <Lines lines={assumptions} />
      </Part>
      <LinkRow href="/figures" says={figuresText.everyFigureAndItsSource}>
        <Txt kind="strong" tone="holds">
          {figuresText.everyFigureAndItsSource}
        </Txt>
      </LinkRow>
    </Screen>
  );
}

function Lines({
  lines,
  numbered = false,
}: {
  readonly lines: readonly string[];
  readonly numbered?: boolean;
}) {
  return (
    <View role="list" style={styles.list}>
      {lines.map((line, index) => (
        <View key={line} role="listitem" style={styles.line}>
          <Txt tone="ink2" style={styles.sign}>
            {numbered ? `${index + 1}.` : '–'}
          </Txt>
          <Txt style={styles.words}>{line}</Txt>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  list: { gap: space.s },
  line: { flexDirection: 'row', gap: space.s },
  sign: { width: 22 },
  words: { flex: 1 },
});
