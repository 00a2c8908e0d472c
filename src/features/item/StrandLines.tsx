/** What the strands here do to each animal that comes on foot, with the figure behind it. */
import { View } from 'react-native';
import type { ItemView } from '@/core/score/item-view';
import { animals } from '@/core/tables/animals';
import { sources } from '@/core/tables/sources';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { animalName } from '@/words/headline';
import { markNames, touchingNames } from '@/words/names';

export function StrandLines({ strands }: { readonly strands: ItemView['strands'] }) {
  return (
    <Part title="What the strand turns back">
      {strands.map(({ animal, effect }) => {
        const share = animals[animal].shocked?.share;
        return (
          <View key={animal}>
            <Txt kind="strong">
              {animalName(animal)}: {Math.round(effect.share * 100)} tries in 100
            </Txt>
            <Txt tone="ink2">
              {effect.met} of {effect.of} prescribed wires met; {Math.round(effect.volts * 10) / 10}{' '}
              kV; touching it: {touchingNames[effect.touching][0]}.
            </Txt>
            {share && (
              <Txt kind="small" tone="ink2">
                At most {Math.round(share.value * 100)} in 100: {markNames[share.mark]};{' '}
                {sources[share.source]}. {share.note ?? ''}
              </Txt>
            )}
          </View>
        );
      })}
      <Txt tone="ink2">
        Counted as far as it is sure: unread volts or heights turn nothing back. A listed energizer
        only, signed, and never two on one fence; follow its instructions and local rules.
      </Txt>
    </Part>
  );
}
