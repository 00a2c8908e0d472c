/** Only some of the mends: whom they are for, where, for how much, with which tools. */
import { mendsText } from '@/words/screens/mends';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Tool } from '@/core/mends/catalogue/handiwork';
import type { Place } from '@/core/place/place';
import type { AnimalId } from '@/core/tables/animals';
import { Button } from '@/ui/controls/Button';
import { Chips } from '@/ui/controls/Chips';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { toolNames } from '@/words/harm-words';
import { animalNames, capital } from '@/words/names';
import { moneyWords } from '@/words/plan-words';
import { isFiltered, noFilters, toolsOf, type Filters, type ListedMend } from './filters';

interface Props {
  readonly place: Place;
  readonly all: readonly ListedMend[];
  readonly filters: Filters;
  readonly onChange: (filters: Filters) => void;
}

const sums = [1000, 2500, 5000, 10_000];

export function FiltersPart({ place, all, filters, onChange }: Props) {
  const [open, setOpen] = useState(false);
  const animals = [...new Set(all.flatMap(({ mend }) => mend.stops))];
  const sides = [...new Set(all.map(({ side }) => side))];
  const tools = [...new Set(all.flatMap(({ mend }) => toolsOf(mend)))];
  const set = (changed: { readonly [Key in keyof Filters]?: Filters[Key] | undefined }) =>
    onChange(
      Object.fromEntries(
        Object.entries({ ...filters, ...changed }).filter(([, value]) => value !== undefined),
      ) as unknown as Filters,
    );
  const either = <T,>(value: T, before: T | undefined): T | undefined =>
    value === before ? undefined : value;
  return (
    <Part title={mendsText.whichOfThem}>
      <View style={styles.buttons}>
        <Button
          look="plain"
          label={
            open
              ? mendsText.close
              : isFiltered(filters)
                ? mendsText.onlySomeAreShown
                : mendsText.showOnlySome
          }
          onPress={() => setOpen(!open)}
        />
        {isFiltered(filters) && (
          <Button look="plain" label={mendsText.showAll} onPress={() => onChange(noFilters)} />
        )}
      </View>
      {open && (
        <View style={styles.kinds}>
          <View style={styles.kind}>
            <Txt kind="strong">{mendsText.againstWhom}</Txt>
            <Chips
              options={animals.map((id) => [id, capital(animalNames[id][0])] as const)}
              value={filters.animal}
              onChoose={(animal: AnimalId) => set({ animal: either(animal, filters.animal) })}
            />
          </View>
          <View style={styles.kind}>
            <Txt kind="strong">{mendsText.where}</Txt>
            <Chips
              options={sides.map((it) => [it, capital(it)] as const)}
              value={filters.side}
              onChoose={(side) => set({ side: either(side, filters.side) })}
            />
          </View>
          <View style={styles.kind}>
            <Txt kind="strong">{mendsText.forNoMoreThan}</Txt>
            <Chips
              narrow
              options={sums.map((it) => [String(it), moneyWords(place, it)] as const)}
              value={filters.most === undefined ? undefined : String(filters.most)}
              onChoose={(it) => set({ most: either(Number(it), filters.most) })}
            />
          </View>
          <View style={styles.kind}>
            <Txt kind="strong">{mendsText.withNoOtherToolsThan}</Txt>
            <View style={styles.tools}>
              {tools.map((tool: Tool) => (
                <Button
                  key={tool}
                  look="chip"
                  label={toolNames[tool]}
                  selected={filters.tools.includes(tool)}
                  onPress={() =>
                    set({
                      tools: filters.tools.includes(tool)
                        ? filters.tools.filter((it) => it !== tool)
                        : [...filters.tools, tool],
                    })
                  }
                  style={styles.tool}
                />
              ))}
            </View>
          </View>
        </View>
      )}
    </Part>
  );
}

const styles = StyleSheet.create({
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  kinds: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.xl, rowGap: space.m },
  kind: { gap: space.s, maxWidth: '100%' },
  tools: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  tool: { minWidth: 96, paddingHorizontal: space.m },
});
