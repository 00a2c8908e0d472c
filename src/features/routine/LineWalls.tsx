/** Which walls a line runs along: wall by wall, and of a wall that is ticked bay by bay. */
import { StyleSheet, View } from 'react-native';
import type { BayId, Place } from '@/core/place/place';
import { lineWalls } from '@/core/place/line-bays';
import { CheckRow } from '@/ui/controls/CheckRow';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { capital } from '@/words/names';
import { routineText } from '@/words/screens/routine';

interface Props {
  readonly place: Place;
  readonly along: ReadonlySet<BayId>;
  readonly onChange: (along: ReadonlySet<BayId>) => void;
}

export function LineWalls({ place, along, onChange }: Props) {
  const turn = (bays: readonly BayId[], on: boolean) => {
    const others = [...along].filter((it) => !bays.includes(it));
    onChange(new Set(on ? [...others, ...bays] : others));
  };
  const row = (name: string, bays: readonly BayId[]) => {
    const on = bays.some((it) => along.has(it));
    return (
      <CheckRow says={capital(name)} checked={on} onPress={() => turn(bays, !on)} isChoice>
        <Txt>{capital(name)}</Txt>
      </CheckRow>
    );
  };
  return (
    <View role="group" aria-label={routineText.whichWalls}>
      {lineWalls(place).map((wall) => {
        const bays = wall.map(({ bay }) => bay);
        const ids = bays.map(({ id }) => id);
        const [{ bay: first }] = wall;
        const last = bays.at(-1) ?? first;
        if (bays.length === 1) return <View key={first.id}>{row(first.name, ids)}</View>;
        return (
          <View key={first.id}>
            {row(routineText.fromBayToBay(first.name, last.name), ids)}
            {ids.some((it) => along.has(it)) && (
              <View style={styles.bays}>
                {bays.map(({ id, name }) => (
                  <View key={id}>{row(name, [id])}</View>
                ))}
              </View>
            )}
          </View>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({ bays: { paddingLeft: space.xl } });
