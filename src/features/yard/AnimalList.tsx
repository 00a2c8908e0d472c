/** What lives here, and how far each gets on a night with everything shut. */
import { StyleSheet, View } from 'react-native';
import { rungOf, type Rung } from '@/core/effort/rung';
import type { AnimalJudgement, Judgement } from '@/core/score/judge';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { animalName } from '@/words/headline';
import { rungShort } from '@/words/minutes-words';

export function AnimalList({ judgement }: { readonly judgement: Judgement }) {
  return (
    <View style={styles.list}>
      <Txt kind="heading" style={styles.heading}>
        What lives here, night, shut
      </Txt>
      {judgement.animals.map((animal) => (
        <Row key={animal.animal} animal={animal} />
      ))}
    </View>
  );
}

const tones: Readonly<Record<Rung, 'open' | 'hours' | 'holds'>> = {
  open: 'open',
  minutes: 'open',
  hour: 'hours',
  night: 'hours',
  holds: 'holds',
};

function Row({ animal }: { readonly animal: AnimalJudgement }) {
  const { minutes, about } = animal;
  const unsure = about && minutes.best !== minutes.worst;
  const verdict = unsure && minutes.best === null ? 'not known' : rungShort(minutes.best);
  const tone = unsure && minutes.best === null ? 'ink2' : tones[rungOf(minutes.best)];
  return (
    <View style={styles.row}>
      <Txt kind="strong" style={styles.name}>
        {animalName(animal.animal)}
      </Txt>
      <View style={styles.track}>
        <View
          style={[
            styles.bar,
            { width: `${Math.round(animal.chance.best * 100)}%`, backgroundColor: color.open },
          ]}
        />
      </View>
      <Txt kind="label" tone={about ? tone : 'ink3'} style={styles.verdict}>
        {about ? verdict : 'by day only'}
      </Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  list: { backgroundColor: color.paper },
  heading: { paddingHorizontal: space.l, paddingTop: space.m, paddingBottom: space.xs },
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    minHeight: 38,
    paddingHorizontal: space.l,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
    gap: space.m,
  },
  name: { width: 92 },
  track: { flex: 1, height: 8, backgroundColor: color.ground },
  bar: { height: 8 },
  verdict: { width: 88, textAlign: 'right' },
});
