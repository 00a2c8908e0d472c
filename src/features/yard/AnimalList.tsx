/** What lives here, and how far each gets in the scenario looked at. */
import { yardText } from '@/words/screens/yard';
import { Link } from 'expo-router';
import { memo } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { animalVerdict, type AnimalVerdict } from '@/core/score/animal-verdict';
import type { Judgement } from '@/core/score/judge';
import type { AnimalId } from '@/core/tables/animals';
import { lookParams, type Look } from '@/features/look/use-look';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Txt } from '@/ui/controls/Txt';
import { color, space, touch } from '@/ui/theme/tokens';
import { animalName } from '@/words/headline';
import { verdictShort } from '@/words/animal-words';

interface Props {
  readonly judgement: Judgement;
  readonly look: Look;
}

export function AnimalList({ judgement, look }: Props) {
  return (
    <View style={styles.list}>
      <Txt kind="heading" style={styles.heading}>
        {yardText.whatLivesHere}
      </Txt>
      {judgement.animals.map((it) => (
        <Row
          key={it.animal}
          animal={it.animal}
          verdict={animalVerdict(it)}
          share={Math.round(it.chance.best * 100)}
          look={look}
        />
      ))}
      <LinkRow href="/lives" says={yardText.howOftenEachComesAnd}>
        <Txt kind="strong" tone="holds">
          {yardText.howOftenEachComesAndWhat}
        </Txt>
      </LinkRow>
    </View>
  );
}

const tones = {
  open: 'open',
  minutes: 'open',
  hour: 'hours',
  night: 'hours',
  holds: 'holds',
  'not-known': 'ink2',
  'other-season': 'ink3',
  'other-hours': 'ink3',
} as const satisfies Readonly<Record<AnimalVerdict, unknown>>;

interface RowProps {
  readonly animal: AnimalId;
  readonly verdict: AnimalVerdict;
  /** Of a hundred visits so many get to the birds for sure. */
  readonly share: number;
  readonly look: Look;
}

/** Made anew only where the animal gets otherwise far. */
const Row = memo(function Row({ animal, verdict, share, look }: RowProps) {
  const name = animalName(animal);
  const said = verdictShort(verdict, look.scenario);
  return (
    <Link href={{ pathname: '/animal/[animal]', params: { animal, ...lookParams(look) } }} asChild>
      <Pressable aria-label={`${name}: ${said}`} style={StyleSheet.flatten(styles.row)}>
        <Txt kind="strong" style={styles.name}>
          {name}
        </Txt>
        <View style={styles.track}>
          <View style={[styles.bar, { width: `${share}%` }]} />
        </View>
        <Txt kind="label" tone={tones[verdict]} style={styles.verdict}>
          {said}
        </Txt>
      </Pressable>
    </Link>
  );
});

const styles = StyleSheet.create({
  list: { backgroundColor: color.paper },
  heading: { paddingHorizontal: space.l, paddingTop: space.m, paddingBottom: space.xs },
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    minHeight: touch,
    paddingHorizontal: space.l,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
    gap: space.m,
  },
  name: { width: 92 },
  track: { flex: 1, height: 8, backgroundColor: color.ground },
  bar: { height: 8, backgroundColor: color.open },
  verdict: { width: 108, textAlign: 'right' },
});
