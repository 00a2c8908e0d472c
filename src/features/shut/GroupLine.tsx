/** A group of birds at dusk: all in, or how many, as a set of numbers they may be. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { missingOf } from '@/core/nights/evening-now';
import { mostOf } from '@/core/place/group-on';
import type { Group } from '@/core/place/place';
import type { RoostCount } from '@/core/records/evening';
import { CountFields } from '@/features/edit/CountFields';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { space } from '@/ui/theme/tokens';
import { groupName } from '@/words/names';
import { countWords } from '@/words/night-words';
import { shutText } from '@/words/screens/shut';
import { Line } from './Line';

interface Props {
  /** As it is that evening. */
  readonly group: Group;
  readonly said: RoostCount | undefined;
  readonly onSay: (count: RoostCount) => void;
}

export function GroupLine({ group, said, onSay }: Props) {
  const [isOpen, setOpen] = useState(false);
  const all = mostOf(group);
  const now: RoostCount = said ?? { group: group.id, least: group.count, most: all };
  const missing = said ? missingOf(group, said) : 0;
  const choose = (count: RoostCount) => {
    setOpen(false);
    onSay(count);
  };
  const exactly = (number: number, more: Partial<RoostCount> = {}): RoostCount => ({
    group: group.id,
    least: number,
    most: number,
    ...more,
  });
  const quick: readonly (readonly [label: string, count: RoostCount])[] = [
    [shutText.allIn(all), { group: group.id, least: group.count, most: all }],
    ...(all > 0
      ? ([
          [shutText.oneFewer(all - 1), exactly(all - 1)],
          [shutText.either(all - 1, all), { group: group.id, least: all - 1, most: all }],
          [shutText.oneOut(all - 1), exactly(all - 1, { out: 1 })],
          [shutText.oneElsewhere(all - 1), exactly(all - 1, { elsewhere: 1 })],
        ] as const)
      : []),
  ];
  const set = (change: Partial<RoostCount>) => {
    const next = { ...now, ...change };
    onSay({ ...next, most: Math.max(next.least, next.most) });
  };
  return (
    <Line
      name={`${countWords({ least: group.count, most: all })} ${groupName(group)}`}
      how={said ? shutText.groupIs(said) : shutText.shouldBeIn}
      tone={said === undefined ? 'ink2' : missing > 0 || (said.out ?? 0) > 0 ? 'open' : 'holds'}
      isOpen={isOpen}
      onToggle={() => setOpen(!isOpen)}
    >
      <View style={styles.chips}>
        {quick.map(([label, count]) => (
          <Button
            key={label}
            look="chip"
            label={label}
            onPress={() => choose(count)}
            style={styles.chip}
          />
        ))}
      </View>
      <CountFields
        counts={[
          { label: shutText.inAtLeast, value: now.least, onChange: (least) => set({ least }) },
          {
            label: shutText.inAtMost,
            value: now.most,
            least: now.least,
            onChange: (upper) => set({ most: upper }),
          },
        ]}
      />
      <CountFields
        counts={[
          { label: shutText.stillOut, value: now.out ?? 0, onChange: (out) => set({ out }) },
          {
            label: shutText.elsewhere,
            value: now.elsewhere ?? 0,
            onChange: (elsewhere) => set({ elsewhere }),
          },
        ]}
      />
      {missing > 0 && <Notice tone="hours">{shutText.hidesALoss(missing)}</Notice>}
    </Line>
  );
}

const styles = StyleSheet.create({
  chips: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  chip: { minWidth: 84, paddingHorizontal: space.m },
});
