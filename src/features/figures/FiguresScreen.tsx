/** Every figure the judgement uses, beside its source and its mark. */
import { StyleSheet, View } from 'react-native';
import { animalIds, animals } from '@/core/tables/animals';
import type { Figure } from '@/core/tables/figure';
import { latchIds, latches } from '@/core/tables/latches';
import { meshes, meshIds } from '@/core/tables/meshes';
import { sources } from '@/core/tables/sources';
import { BackLink } from '@/ui/controls/BackLink';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { skirtWords } from '@/words/reason-words';
import {
  capital,
  fullAnimalNames,
  latchNames,
  listOf,
  markNames,
  meshNames,
  motionNames,
} from '@/words/names';

export function FiguresScreen() {
  return (
    <Screen>
      <View style={styles.part}>
        <BackLink href="/place" name="Place" />
        <Txt kind="title">Figures</Txt>
        <Txt tone="ink2">
          Each figure stands beside its source and one of three marks: published (recalled from
          memory), common practice, assumption of ours. A place is judged by the figure marked used;
          mends are made to the stricter one; in between it is in doubt, and said so.
        </Txt>
        <Txt tone="ink2">
          Hold is the share of the threat a place turns away: 1 − Σ weight × chance ÷ Σ weight, over
          what is about at night, where chance = exp(−minutes ÷ patience) along the weakest route.
          An opening that is passed counts 0 minutes, a latch worked out 5, the same motion twice
          60.
        </Txt>
        <Txt tone="ink2">
          Assumptions of ours: those minutes, weights and patience; mesh in the ground that reaches
          three quarters of what is enough counts as a night (480 minutes), half as an hour, less as
          minutes, stony soil one step better; under an hour is a way in, from there to a night a
          slow way if at least one visit in ten would last it out; a gap over 1 m, mesh over 300 mm
          or a skirt over 2 m is taken for a slip.
        </Txt>
      </View>
      {animalIds.map((id) => {
        const { closure, patience, leap, hands, digs } = animals[id];
        return (
          <View key={id} style={styles.part}>
            <Txt kind="heading">{fullAnimalNames[id]}</Txt>
            <FigureLine name="Shut out at (used)" figure={closure.used} />
            <FigureLine name="Stricter, for mends" figure={closure.strict} />
            {digs?.map(({ depth, outward }) => (
              <FigureLine
                key={`${depth.value} ${outward.value}`}
                name={`Kept from digging by ${skirtWords(depth.value, outward.value, 'metric')}`}
                said
                figure={outward.value > depth.value ? outward : depth}
              />
            ))}
            <FigureLine name="Leaps" figure={leap} />
            <FigureLine name="Patience" figure={patience} />
            <FigureLine name="Force on a latch" figure={hands.force} />
            <Txt tone="ink2">
              {hands.motions.length > 0
                ? `Works one motion: ${listOf(
                    hands.motions.map((it) => motionNames[it]),
                    'or',
                  )} (common practice).`
                : hands.pushes
                  ? 'Pushes an unlatched door; works no latch (common practice).'
                  : 'Works no latch (common practice).'}
            </Txt>
          </View>
        );
      })}
      <View style={styles.part}>
        <Txt kind="heading">Mesh and board</Txt>
        {meshIds.map((id) => (
          <FigureLine
            key={id}
            name={`${capital(meshNames[id].join(' · '))}: clears`}
            figure={meshes[id].clear}
          />
        ))}
      </View>
      <View style={styles.part}>
        <Txt kind="heading">Latches by motions</Txt>
        {latchIds.map((id) => (
          <View key={id} style={styles.line}>
            <Txt kind="strong">{capital(latchNames[id])}</Txt>
            <Txt tone="ink2">
              {latches[id].motions
                .map(({ motion, force }) => `${motionNames[motion]}, ${force.value} N`)
                .join('; ')}{' '}
              (forces: {markNames.assumption})
            </Txt>
          </View>
        ))}
        <Txt tone="ink2">
          Two different motions stop what works one (common practice). Two latches with the same
          motion are learned one after the other.
        </Txt>
      </View>
    </Screen>
  );
}

interface FigureLineProps {
  readonly name: string;
  readonly figure: Figure;
  /** The name says the figure already. */
  readonly said?: boolean;
}

function FigureLine({ name, figure, said = false }: FigureLineProps) {
  const unit = figure.unit === 'share' ? '' : ` ${figure.unit}`;
  return (
    <View style={styles.line}>
      <Txt kind="strong">{said ? name : `${name} ${figure.value}${unit}`}</Txt>
      <Txt kind="small" tone="ink2">
        {capital(markNames[figure.mark])}: {sources[figure.source]}.
        {figure.note ? ` ${figure.note}` : ''}
      </Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  part: {
    padding: space.l,
    gap: space.s,
    backgroundColor: color.paper,
    borderBottomWidth: 1,
    borderBottomColor: color.hairline,
  },
  line: { paddingVertical: 2 },
});
