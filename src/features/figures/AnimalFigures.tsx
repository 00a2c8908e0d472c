/** What is known of one animal, attack by attack. */
import { figuresText } from '@/words/screens/figures';
import { View } from 'react-native';
import type { Animal } from '@/core/tables/animals';
import { harderDigging } from '@/core/tables/digging';
import { Txt } from '@/ui/controls/Txt';
import { motionNames } from '@/words/names';
import { FigureLine } from './FigureLine';

export function AnimalFigures({ animal }: { readonly animal: Animal }) {
  const { exclusion, reaches, digs, over, flies, leap, tears, shocked, patience } = animal;
  return (
    <>
      <FigureLine name={figuresText.shutOutAtUsed} figure={exclusion.used} />
      <FigureLine name={figuresText.stricterForMends} figure={exclusion.strict} />
      <FigureLine name={figuresText.knownToPass} figure={exclusion.passes} />
      {exclusion.slot && <FigureLine name={figuresText.aLongSlotShutAt} figure={exclusion.slot} />}
      {reaches && (
        <FigureLine name={figuresText.reachesThroughFrom} figure={reaches.opening.used} />
      )}
      {reaches && <FigureLine name={figuresText.reachesIn} figure={reaches.length} />}
      <FigureLine name={figuresText.breaksCoverUpToClass} figure={tears.breaks} />
      {digs?.map(({ depth, outward }) => (
        <FigureLine
          key={`${depth.value} ${outward.value}`}
          name={figuresText.keptFromDiggingBy(depth.value, outward.value)}
          said
          figure={outward.value > depth.value ? outward : depth}
        />
      ))}
      {digs && (
        <FigureLine
          name={figuresText.digsHarderBy}
          figure={harderDigging[animal.digsAs ?? 'able']}
        />
      )}
      {!flies && <FigureLine name={figuresText.leaps} figure={leap} />}
      {over?.map((enough) => (
        <FigureLine
          key={enough.height.value}
          name={figuresText.keptFromClimbingOverBy(enough)}
          said
          figure={enough.height}
        />
      ))}
      {shocked?.sets.map(({ heights, standOff }) => {
        const at = heights.map(({ value }) => value);
        const [first] = heights;
        return first ? (
          <FigureLine
            key={at.join()}
            name={figuresText.turnedBackByStrandsAt(at, standOff?.value)}
            said
            figure={first}
          />
        ) : null;
      })}
      {shocked && <FigureLine name={figuresText.lineNeeds} figure={shocked.volts} />}
      {shocked && <FigureLine name={figuresText.shareTurnedBackAtMost} figure={shocked.share} />}
      <FigureLine name={figuresText.patience} figure={patience} />
      <FigureLine name={figuresText.visitsThatBecomeATry} figure={animal.attempting.share} />
      <FigureLine name={figuresText.grownBirdsByOneVisit} figure={animal.taking.grown} />
      <FigureLine name={figuresText.forceOnALatchOr} figure={animal.dexterity.force} />
      <View>
        <Txt tone="ink2">{latchWords(animal)}</Txt>
      </View>
    </>
  );
}

function latchWords({ dexterity }: Animal): string {
  if (dexterity.motions.length > 0) {
    const motions = dexterity.motions.map((it) => motionNames[it]);
    return figuresText.worksOneMotionCommonPractice(motions);
  }
  return dexterity.pushes
    ? figuresText.pushesAnUnlatchedDoorWorks
    : figuresText.worksNoLatchCommonPractice;
}
