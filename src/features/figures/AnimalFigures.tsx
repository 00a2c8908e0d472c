/** What is known of one animal, attack by attack. */
import { View } from 'react-native';
import type { Animal } from '@/core/tables/animals';
import { Txt } from '@/ui/controls/Txt';
import { listOf, motionNames } from '@/words/names';
import { overWords, skirtWords } from '@/words/reason-words';
import { FigureLine } from './FigureLine';

export function AnimalFigures({ animal }: { readonly animal: Animal }) {
  const { closure, reaches, digs, over, flies, leap, tears, shocked, patience } = animal;
  return (
    <>
      <FigureLine name="Shut out at (used)" figure={closure.used} />
      <FigureLine name="Stricter, for mends" figure={closure.strict} />
      {closure.slot && <FigureLine name="A long slot, shut at" figure={closure.slot} />}
      {reaches && <FigureLine name="Reaches through from" figure={reaches.opening.used} />}
      {reaches && <FigureLine name="Reaches in" figure={reaches.length} />}
      <FigureLine name="Breaks cover up to class" figure={tears.breaks} />
      {digs?.map(({ depth, outward }) => (
        <FigureLine
          key={`${depth.value} ${outward.value}`}
          name={`Kept from digging by ${skirtWords(depth.value, outward.value, 'metric')}`}
          said
          figure={outward.value > depth.value ? outward : depth}
        />
      ))}
      {!flies && <FigureLine name="Leaps" figure={leap} />}
      {over?.map((enough) => (
        <FigureLine
          key={enough.height.value}
          name={`Kept from climbing over by ${overWords(enough, 'metric')}`}
          said
          figure={enough.height}
        />
      ))}
      {shocked?.sets.map(({ heights, standOff }) => {
        const at = heights.map(({ value }) => `${value} mm`);
        const out = standOff ? `, ${standOff.value} mm out` : '';
        const [first] = heights;
        return first ? (
          <FigureLine
            key={at.join()}
            name={`Turned back by strands at ${listOf(at)}${out}`}
            said
            figure={first}
          />
        ) : null;
      })}
      {shocked && <FigureLine name="Line needs" figure={shocked.volts} />}
      {shocked && <FigureLine name="Share turned back at most" figure={shocked.share} />}
      <FigureLine name="Patience" figure={patience} />
      <FigureLine name="Grown birds by one visit" figure={animal.taking.grown} />
      <FigureLine name="Force on a latch or edge" figure={animal.hands.force} />
      <View>
        <Txt tone="ink2">{latchWords(animal)}</Txt>
      </View>
    </>
  );
}

function latchWords({ hands }: Animal): string {
  if (hands.motions.length > 0) {
    const motions = hands.motions.map((it) => motionNames[it]);
    return `Works one motion: ${listOf(motions, 'or')} (common practice).`;
  }
  return hands.pushes
    ? 'Pushes an unlatched door; works no latch (common practice).'
    : 'Works no latch (common practice).';
}
