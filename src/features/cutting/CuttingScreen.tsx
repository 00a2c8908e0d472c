/** How what is bought is cut: every roll, sheet and board drawn to scale, its pieces listed with where each goes. */
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { isBar } from '@/core/mends/shopping/bars';
import type { Purchase } from '@/core/mends/shopping/shop';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Screen } from '@/ui/controls/Screen';
import { ScreenOnly } from '@/ui/controls/ScreenOnly';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { dayWords } from '@/words/day-words';
import { cautionWords } from '@/words/mend-words';
import { count } from '@/words/names';
import { useShopping } from '@/workers/use-shopping';
import { CutMaterialPart } from './CutMaterialPart';

export function CuttingScreen({ yard }: { readonly yard: Yard }) {
  const { found } = useJudgement(yard);
  const { list, isWorking, failed } = useShopping(yard, found.place);
  const toDo = useMemo(() => purchasesToDo(yard), [yard]);
  const pieces =
    (list?.cut ?? []).reduce((sum, it) => sum + it.pieces.length, 0) +
    toDo.reduce((sum, it) => sum + piecesOf(it), 0);
  const hasWire = [...(list?.cut ?? []), ...toDo.flatMap((it) => it.cuttings)].some(({ cutting }) =>
    cutting.rolls.some(({ roll }) => !isBar(roll)),
  );
  return (
    <Screen>
      <div className="one-page">
        <View style={styles.head}>
          <ScreenOnly>
            <BackLink href="/mends/shopping" name="Shopping" />
          </ScreenOnly>
          <Txt kind="title">
            {pieces === 0 ? 'Nothing to cut' : `${count(pieces, 'piece')} to cut`}
          </Txt>
          {pieces > 0 && (
            <Txt tone="ink2">
              {yard.place.name}. Crosscut along the dashed lines first, then slit along. Measure on
              the wall again before you cut.
            </Txt>
          )}
          {isWorking && (
            <Txt tone="ink2" live>
              {list ? 'Looking whether it can be cut for less …' : 'Working out how it is cut …'}
            </Txt>
          )}
          {failed && (
            <Notice>It could not be worked out in this browser. Nothing was changed.</Notice>
          )}
          {hasWire && <Notice tone="hours">{cautionWords['cut-wire']}</Notice>}
          {pieces > 0 && (
            <ScreenOnly>
              <Button look="plain" label="Print on one page" onPress={() => window.print()} />
            </ScreenOnly>
          )}
        </View>
        {toDo.map((purchase) => (
          <View key={purchase.id}>
            <View style={styles.from}>
              <Txt kind="heading">Bought {dayWords(purchase.date)}</Txt>
            </View>
            {purchase.cuttings.map((it) => (
              <CutMaterialPart key={it.material} yard={yard} {...it} />
            ))}
          </View>
        ))}
        {list && list.cut.length > 0 && (
          <View>
            {toDo.length > 0 && (
              <View style={styles.from}>
                <Txt kind="heading">Still to buy</Txt>
              </View>
            )}
            {list.cut.map((it) => (
              <CutMaterialPart key={it.material} yard={yard} {...it} />
            ))}
          </View>
        )}
        {pieces === 0 && (
          <Part title="What comes here">
            <Txt tone="ink2">
              Mesh, sheet, boards and battens of mends that are planned or bought, until they are
              done. Other things are only counted.
            </Txt>
          </Part>
        )}
        <ScreenOnly>
          <View style={styles.links}>
            <LinkRow href="/mends/prices" says="Offcuts in stock">
              <Txt kind="strong">Offcuts in stock</Txt>
              <Txt tone="holds">
                {count(yard.shop?.offcuts.length ?? 0, 'piece')}, used before any roll is bought
              </Txt>
            </LinkRow>
          </View>
        </ScreenOnly>
      </div>
    </Screen>
  );
}

/** Bought, and a mend of it not done yet. */
function purchasesToDo({ shop, mends }: Yard): readonly Purchase[] {
  const bought = new Set(mends.filter(({ state }) => state === 'bought').map(({ id }) => id));
  return (shop?.purchases ?? [])
    .filter((it) => it.cuttings.length > 0 && it.mends.some((id) => bought.has(id)))
    .toReversed();
}

function piecesOf({ cuttings }: Purchase): number {
  return cuttings
    .flatMap(({ cutting }) => cutting.rolls.flatMap(({ sections }) => sections))
    .reduce((sum, { strips }) => sum + strips.length, 0);
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  from: { paddingHorizontal: space.l, paddingTop: space.m, paddingBottom: space.s },
  links: { backgroundColor: color.paper },
});
