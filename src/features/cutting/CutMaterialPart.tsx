/** One material: its rolls drawn, its pieces listed. */
import { cuttingText } from '@/words/screens/cutting';
import { StyleSheet, View } from 'react-native';
import type { Cutting } from '@/core/mends/cutting/cutting';
import type { CutPiece } from '@/core/mends/shopping/divide';
import { isBar, kerf } from '@/core/mends/shopping/bars';
import type { Material } from '@/core/mends/catalogue';
import type { Yard } from '@/store/records';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { CuttingDrawing } from '@/ui/drawings/CuttingDrawing';
import { space } from '@/ui/theme/tokens';
import { paperWidth, usePrinting } from '@/ui/theme/printing';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWide } from '@/ui/theme/use-wide';
import { distanceWords } from '@/words/length-words';
import { materialName } from '@/words/mend-words';
import { capital, count } from '@/words/names';
import { forWhat, pieceWords, sizeWords } from '@/words/shop-words';

interface Props {
  readonly yard: Yard;
  readonly material: Material;
  readonly cutting: Cutting;
  readonly pieces: readonly Pick<CutPiece, 'id' | 'mends' | 'part' | 'joinedOnTheWay'>[];
}

export function CutMaterialPart({ yard, material, cutting, pieces }: Props) {
  const { place, mends } = yard;
  const printing = usePrinting();
  const wide = useWide() && !printing;
  const full = usePageWidth('full');
  const readable = usePageWidth('readable');
  // Rolls and what becomes of them stand side by side where there is room.
  const page = wide ? full / 2 + space.l / 2 : readable;
  const width = (printing ? paperWidth : page) - 2 * space.l;
  const isBoard = cutting.rolls.every(({ roll }) => isBar(roll));
  const saw = isBoard ? kerf.value : 0;
  const strips = cutting.rolls.flatMap(({ sections }) => sections.flatMap((it) => it.strips));
  const numbers = new Map(strips.map(({ piece }, at) => [piece, String(at + 1)]));
  const sizeOf = (length: number, wide: number) =>
    pieceWords(place, { length: length - saw, width: wide });
  return (
    <Part title={capital(materialName(place.units, material))}>
      <View style={wide ? styles.beside : styles.under}>
        <View style={wide ? styles.half : styles.under}>
          {cutting.rolls.map((cut, at) => {
            const { roll } = cut;
            const size = isBoard
              ? ({ form: 'bar', length: roll.length - saw } as const)
              : ({ form: 'sheet', length: roll.length, width: roll.width } as const);
            const name = `${roll.count === 1 && roll.cents === 0 ? 'offcut' : ''} ${sizeWords(place, size)}`;
            const of = count(
              cut.sections.reduce((sum, it) => sum + it.strips.length, 0),
              'piece',
            );
            return (
              <View key={`${roll.id} ${at}`} style={styles.roll}>
                <Txt kind="small" tone="ink2">
                  {capital(name.trim())}: {of}
                </Txt>
                <CuttingDrawing
                  cut={cut}
                  width={width}
                  numberOf={(piece) => numbers.get(piece) ?? ''}
                  labelOf={sizeOf}
                  leftOf={(length) => distanceWords(length - saw, place.units)}
                  says={cuttingText.cutInto(name.trim(), of)}
                />
              </View>
            );
          })}
        </View>
        <View style={[styles.list, wide && styles.half]}>
          {strips.map(({ piece, length, width: wide }) => {
            const own = pieces.find(({ id }) => id === piece);
            return (
              <View key={piece} style={styles.piece}>
                <Txt kind="label" style={styles.number}>
                  {numbers.get(piece)}
                </Txt>
                <Txt style={styles.words}>
                  {cuttingText.piece(
                    sizeOf(length, wide),
                    own && forWhat(place, mends, own.mends),
                    own?.part,
                    own?.joinedOnTheWay === true,
                  )}
                </Txt>
              </View>
            );
          })}
        </View>
      </View>
    </Part>
  );
}

const styles = StyleSheet.create({
  under: { gap: space.m },
  beside: { flexDirection: 'row', gap: space.l, alignItems: 'flex-start' },
  half: { flex: 1, minWidth: 0, gap: space.m },
  roll: { gap: space.xs },
  list: { gap: space.xs },
  piece: { flexDirection: 'row', gap: space.m },
  number: { minWidth: 22 },
  words: { flex: 1, minWidth: 0 },
});
