/** How the judgement works, and what in it is an assumption of ours. */
import { StyleSheet, View } from 'react-native';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';

const how: readonly string[] = [
  'Each figure stands beside its source and one of three marks: published (recalled from memory), common practice, assumption of ours.',
  'A place is judged by the figure marked used; mends are made to the stricter one; in between it is in doubt, and said so.',
  'Hold is the share of the threat a place turns away: 1 − Σ w × chance ÷ Σ w, where w is visits × birds taken by one of them.',
  'Chance is exp(−minutes ÷ patience) × (1 − what strands turn back) along the weakest route.',
];

/** Each stands in the core beside the rule that uses it. */
const ours: readonly string[] = [
  'What is open counts 0 minutes, a few minutes 5, an hour 60, a night 480; layers add.',
  'Patience, visits and birds taken are ours for every animal.',
  'Under an hour is a way in, unless strands turn back four tries in five; from there to a night a slow way, if one visit in ten would last it out.',
  'Mesh in the ground or a top edge that reaches three quarters of what is enough counts as a night, half as an hour, less as minutes; stony soil a step better, fresh digging a step worse.',
  'An opening more than three times as long as wide is a slot.',
  'Rust and rot take a class of strength, failing cover two. Sound boards are gnawed in a night, worn ones in an hour.',
  'By day birds stand no higher than 600 mm (fine mesh to the knee is common practice).',
  'A frame with twice an animal’s force on its edge does not rise at all.',
  'A strand counts within 50 mm of its height and never turns back more than 98 in 100; grass, snow or mesh on the line leave a half, a quarter, a tenth.',
  'Each thing near that draws an animal doubles its visits, its months add half, and they are spread evenly over the hours it keeps.',
  'A camera night counts 0.8 of a watched night, your own eyes 0.15.',
  'A day has twelve hours of light; somebody at home keeps seven visits in ten away.',
  'Rounds on record weigh against fifty of the starting figure.',
  'A gap over 1 m, mesh over 300 mm or a skirt over 2 m is taken for a slip.',
];

export function HowItJudges() {
  return (
    <>
      {how.map((line) => (
        <Txt key={line} tone="ink2">
          {line}
        </Txt>
      ))}
      <Txt kind="heading">Assumptions of ours</Txt>
      <View role="list" style={styles.list}>
        {ours.map((line) => (
          <View key={line} role="listitem" style={styles.line}>
            <Txt tone="ink2">–</Txt>
            <Txt tone="ink2" style={styles.words}>
              {line}
            </Txt>
          </View>
        ))}
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.s },
  line: { flexDirection: 'row', gap: space.s },
  words: { flex: 1 },
});
