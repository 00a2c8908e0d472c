/** The earth rods: how many alike, how long, how thick, how far apart. */
import type { EarthRods } from '@/core/place/fence';
import { usualRods } from '@/core/place/fence';
import type { Place } from '@/core/place/place';
import { LengthField } from '@/features/edit/LengthField';
import { NumberField } from '@/features/edit/NumberField';
import { Button } from '@/ui/controls/Button';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { fenceText } from '@/words/screens/fence';
import type { ChangeLine } from './change-line';

interface Props {
  readonly place: Place;
  readonly rods: EarthRods | undefined;
  readonly onChange: ChangeLine;
}

export function RodsPart({ place: { units }, rods, onChange }: Props) {
  if (!rods) {
    return (
      <Part title={fenceText.rods}>
        <Txt tone="ink2">{fenceText.noRodsTold}</Txt>
        <Button
          look="plain"
          label={fenceText.tellRods}
          onPress={() => void onChange(() => ({ rods: usualRods }))}
        />
      </Part>
    );
  }
  const set = (changed: Partial<EarthRods>) =>
    void onChange((line) => ({ rods: { ...(line.rods ?? usualRods), ...changed } }));
  return (
    <Part title={fenceText.rods}>
      <NumberField
        label={fenceText.howMany}
        value={rods.count}
        least={1}
        most={50}
        whole
        onChange={(count) => count !== undefined && set({ count })}
      />
      <LengthField
        label={fenceText.rodLength}
        mm={rods.length}
        units={units}
        longest={10_000}
        onChange={({ mm }) => mm >= 100 && set({ length: mm })}
      />
      <LengthField
        label={fenceText.rodDiameter}
        mm={rods.diameter}
        units={units}
        longest={100}
        onChange={({ mm }) => mm >= 4 && set({ diameter: mm })}
      />
      {rods.count > 1 && (
        <LengthField
          label={fenceText.rodsApart}
          mm={rods.apart}
          units={units}
          longest={50_000}
          onChange={({ mm }) => set({ apart: mm })}
        />
      )}
      <Txt kind="small" tone="ink2">
        {fenceText.rodsWhy}
      </Txt>
    </Part>
  );
}
