/** Every figure the judgement uses, beside its source and its mark. */
import { StyleSheet, View } from 'react-native';
import { animalIds, animals } from '@/core/tables/animals';
import { fixingClass, fixings } from '@/core/tables/fixings';
import { latchIds, latches } from '@/core/tables/latches';
import { meshes, meshIds } from '@/core/tables/meshes';
import { soilFigures, soils } from '@/core/tables/soils';
import { oftenWords, visitsOf } from '@/core/tables/visiting';
import { BackLink } from '@/ui/controls/BackLink';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import {
  capital,
  fixingNames,
  latchNames,
  markNames,
  meshNames,
  motionNames,
  oftenNames,
  soilNames,
} from '@/words/names';
import { AnimalFigures } from './AnimalFigures';
import { FigureLine } from './FigureLine';
import { HowItJudges } from './HowItJudges';

export function FiguresScreen() {
  return (
    <Screen>
      <View style={styles.part}>
        <BackLink href="/place" name="Place" />
        <Txt kind="title">Figures</Txt>
        <HowItJudges />
      </View>
      {animalIds.map((id) => (
        <View key={id} style={styles.part}>
          <AnimalFigures animal={animals[id]} />
        </View>
      ))}
      <View style={styles.part}>
        <Txt kind="heading">Mesh and board</Txt>
        {meshIds.map((id) => (
          <View key={id} style={styles.pair}>
            <FigureLine
              name={`${capital(meshNames[id].join(' · '))}: clears`}
              figure={meshes[id].clear}
            />
            <FigureLine name="Class of strength" figure={meshes[id].strength} />
          </View>
        ))}
      </View>
      <View style={styles.part}>
        <Txt kind="heading">What holds it on</Txt>
        {fixings.map((id) => (
          <FigureLine
            key={id}
            name={`${capital(fixingNames[id][0])}: class`}
            figure={fixingClass[id]}
          />
        ))}
      </View>
      <View style={styles.part}>
        <Txt kind="heading">Ground</Txt>
        {soils.map((id) => {
          const { pegsHoldFrom } = soilFigures[id];
          return pegsHoldFrom ? (
            <FigureLine
              key={id}
              name={`${capital(soilNames[id][0])}: pegs hold from`}
              figure={pegsHoldFrom}
            />
          ) : (
            <Txt key={id} tone="ink2">
              {capital(soilNames[id][0])}: nothing digs, no peg goes in (common practice).
            </Txt>
          );
        })}
      </View>
      <View style={styles.part}>
        <Txt kind="heading">How often, in words</Txt>
        {oftenWords.map((word) => (
          <FigureLine
            key={word}
            name={`${capital(oftenNames[word])}: visits a day`}
            figure={visitsOf[word]}
          />
        ))}
      </View>
      <View style={styles.part}>
        <Txt kind="heading">Latches by motions</Txt>
        {latchIds.map((id) => (
          <View key={id} style={styles.pair}>
            <Txt kind="strong">{capital(latchNames[id])}</Txt>
            <Txt tone="ink2">
              {latches[id].motions
                .map(({ motion, force }) => `${motionNames[motion]}, ${force.value} N`)
                .join('; ')}
              ; torn off above {latches[id].givesWayAt.value} N (forces: {markNames.assumption})
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

const styles = StyleSheet.create({
  part: {
    padding: space.l,
    gap: space.s,
    backgroundColor: color.paper,
    borderBottomWidth: 1,
    borderBottomColor: color.hairline,
  },
  pair: { paddingVertical: 2 },
});
