/** Each who shuts up, and each door that does it by itself: how often it is missed, with its band. */
import { StyleSheet, View } from 'react-native';
import {
  missedChance,
  namesOf,
  priorOf,
  waysToFail,
  type MissedChance,
} from '@/core/nights/missed-chance';
import { shuttersOf } from '@/core/nights/shutters';
import type { Place } from '@/core/place/place';
import type { LogEntry } from '@/core/records/sighting';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { nightsText } from '@/words/screens/nights';

interface Props {
  readonly place: Place;
  readonly log: readonly LogEntry[];
}

export function WhoPart({ place, log }: Props) {
  const shutters = shuttersOf(place);
  return (
    <Part title={nightsText.who}>
      {shutters.length === 0 && <Txt tone="ink2">{nightsText.noDoors}</Txt>}
      <View>
        {shutters.flatMap((shutter) => {
          if (shutter.kind === 'device') {
            const chance = missedChance(place, log, shutter);
            const { open, out } = waysToFail(priorOf(shutter), chance);
            return [
              <Row key={shutter.id} name={nightsText.device(place, shutter.id)} chance={chance}>
                {nightsText.twoWays(open, out)}
              </Row>,
            ];
          }
          return namesOf(place, log).map((name) => (
            <Row
              key={name}
              name={nightsText.whoName(name)}
              chance={missedChance(place, log, shutter, name)}
            />
          ));
        })}
      </View>
      <Txt kind="small" tone="ink2">
        {nightsText.chanceFrom}
      </Txt>
    </Part>
  );
}

interface RowProps {
  readonly name: string;
  readonly chance: MissedChance;
  readonly children?: string;
}

function Row({ name, chance, children }: RowProps) {
  return (
    <View style={styles.row}>
      <View style={styles.words}>
        <Txt kind="strong">{name}</Txt>
        <Txt tone="ink2">{nightsText.chanceWords(chance)}</Txt>
        {children !== undefined && <Txt tone="ink2">{children}</Txt>}
      </View>
      <Txt kind="figure">{nightsText.chance(chance)}</Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    gap: space.m,
    paddingVertical: space.s,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  words: { flex: 1, gap: 2 },
});
