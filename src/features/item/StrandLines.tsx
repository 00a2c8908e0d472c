/** What the strands here do to each animal that comes on foot, with the figure behind it. */
import { itemText } from '@/words/screens/item';
import { View } from 'react-native';
import type { ItemView } from '@/core/score/item-view';
import { animals } from '@/core/tables/animals';
import { sources } from '@/core/tables/sources';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { markNames, touchingNames } from '@/words/names';

export function StrandLines({ strands }: { readonly strands: ItemView['strands'] }) {
  return (
    <Part title={itemText.whatTheStrandTurnsBack}>
      {strands.map(({ animal, effect }) => {
        const share = animals[animal].shocked?.share;
        return (
          <View key={animal}>
            <Txt kind="strong">
              {itemText.triesInHundred(animal, Math.round(effect.share * 100))}
            </Txt>
            <Txt tone="ink2">
              {itemText.ofPrescribedWiresMetKv(
                effect.met,
                effect.of,
                Math.round(effect.volts * 10) / 10,
                touchingNames[effect.touching][0],
              )}
            </Txt>
            {share && (
              <Txt kind="small" tone="ink2">
                {itemText.atMostInHundred(
                  Math.round(share.value * 100),
                  markNames[share.mark],
                  sources[share.source],
                  share.note ?? '',
                )}
              </Txt>
            )}
          </View>
        );
      })}
      <Txt tone="ink2">{itemText.countedAsFarAsIt}</Txt>
    </Part>
  );
}
