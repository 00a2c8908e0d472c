/** What if: other ground, snow, long grass, a rod more, a handle off; each one tap, nothing of it kept. */
import { StyleSheet, View } from 'react-native';
import { grassHeight } from '@/core/fence/under-wires';
import type { FenceView } from '@/core/fence/fence-view';
import { isChanged, type WhatIf } from '@/core/fence/what-if';
import { isFixed } from '@/core/place/opening-cover';
import type { Opening, Place, YesNo } from '@/core/place/place';
import { isKnown } from '@/core/place/possible';
import { grounds, type Ground } from '@/core/tables/fence-ground';
import { useToday } from '@/store/use-today';
import { Button } from '@/ui/controls/Button';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { lengthWords } from '@/words/length-words';
import { fenceText } from '@/words/screens/fence';

interface Props {
  readonly place: Place;
  readonly view: FenceView;
  readonly whatIf: WhatIf;
  readonly onChange: (whatIf: WhatIf) => void;
}

/** mm, and two feet or so in round inches. */
const snows = { metric: [100, 200, 400], imperial: [102, 203, 406] } as const;
const weeks = [2, 6] as const;

export function WhatIfPart({ place, view, whatIf, onChange }: Props) {
  const today = useToday();
  const ground: Readonly<Record<Ground, string>> = {
    dry: fenceText.dry,
    moist: fenceText.moist,
    wet: fenceText.wet,
    frozen: fenceText.frozen,
  };
  const doors = view.path.bays
    .flatMap(({ bay }) => bay.openings)
    .filter((it) => !isFixed(it) && hasHandle(it));
  const { ground: now } = view.lineCase;
  const chips: readonly Chip[] = [
    ...grounds
      .filter((it) => it !== now || whatIf.ground !== undefined)
      .map((it): Chip => chip(ground[it], 'ground', it)),
    ...snows[place.units].map((it) =>
      chip(fenceText.snow(lengthWords(it, place.units)), 'snow', it),
    ),
    ...weeks.map((it) =>
      chip(
        fenceText.unmown(it),
        'grass',
        Math.round(grassHeight(place.setting.region, today, it * 7)),
      ),
    ),
    chip(fenceText.oneMoreRod, 'moreRods', 1),
    ...doors.map(({ id, name }) => chip(fenceText.handleOff(name), 'unhooked', id)),
  ];
  return (
    <Part title={fenceText.whatIf}>
      <View style={styles.chips}>
        {chips.map(({ name, key, value }) => {
          const isOn = whatIf[key] === value;
          const { [key]: _, ...others } = whatIf;
          return (
            <Button
              key={name}
              look="chip"
              label={name}
              selected={isOn}
              onPress={() => onChange(isOn ? others : { ...others, [key]: value })}
              style={styles.chip}
            />
          );
        })}
      </View>
      {isChanged(whatIf) ? (
        <Button look="plain" label={fenceText.asItIs} onPress={() => onChange({})} />
      ) : (
        <Txt kind="small" tone="ink2">
          {fenceText.whatIfWhy}
        </Txt>
      )}
    </Part>
  );
}

const hasHandle = ({ lineBy, crossed }: Opening): boolean =>
  lineBy === 'handle' || (lineBy === undefined && isKnown<YesNo>(crossed) && crossed.is === 'yes');

interface Chip {
  readonly name: string;
  readonly key: keyof WhatIf;
  readonly value: string | number;
}

const chip = (name: string, key: keyof WhatIf, value: string | number): Chip => ({
  name,
  key,
  value,
});

const styles = StyleSheet.create({
  chip: { paddingHorizontal: space.m },
  chips: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
