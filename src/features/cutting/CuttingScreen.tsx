/** How what is bought is cut: every roll, sheet and board drawn to scale, its pieces listed with where each goes. */
import { cuttingText } from '@/words/screens/cutting';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { isBar } from '@/core/mends/shopping/bars';
import type { Purchase } from '@/core/mends/shopping/shop';
import { UndoBar } from '@/features/edit/UndoBar';
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
import { useWide } from '@/ui/theme/use-wide';
import { cautionWords } from '@/words/mend-words';
import { useShopping } from '@/workers/use-shopping';
import { CutMaterialPart } from './CutMaterialPart';

export function CuttingScreen({ yard }: { readonly yard: Yard }) {
  const { found } = useJudgement(yard);
  const wide = useWide();
  const { list, isWorking, failed, mends } = useShopping(yard, found.place);
  const toDo = useMemo(() => purchasesToDo(yard), [yard]);
  const pieces =
    (list?.cut ?? []).reduce((sum, it) => sum + it.pieces.length, 0) +
    toDo.reduce((sum, it) => sum + piecesOf(it), 0);
  const hasWire = [...(list?.cut ?? []), ...toDo.flatMap((it) => it.cuttings)].some(({ cutting }) =>
    cutting.rolls.some(({ roll }) => !isBar(roll)),
  );
  return (
    <Screen full={wide && pieces > 0}>
      <div className="one-page">
        <View style={styles.head}>
          <ScreenOnly>
            <BackLink href="/mends/shopping" name={cuttingText.shopping} />
          </ScreenOnly>
          <Txt kind="title">
            {pieces === 0 ? cuttingText.nothingToCut : cuttingText.toCut(pieces)}
          </Txt>
          {pieces > 0 && (
            <Txt tone="ink2">{cuttingText.crosscutAlongTheDashedLines(yard.place.name)}</Txt>
          )}
          {!failed && mends.length > 0 && (
            <Txt tone="ink2" live room={1}>
              {isWorking &&
                (list ? cuttingText.lookingWhetherItCanBe : cuttingText.workingOutHowItIs)}
            </Txt>
          )}
          {failed && <Notice>{cuttingText.itCouldNotBeWorked}</Notice>}
          {hasWire && <Notice tone="hours">{cautionWords['cut-wire']}</Notice>}
          <ScreenOnly>
            <UndoBar placeId={yard.place.id} />
          </ScreenOnly>
          {pieces > 0 && (
            <ScreenOnly>
              <Button
                look="plain"
                label={cuttingText.printOnOnePage}
                onPress={() => window.print()}
              />
            </ScreenOnly>
          )}
        </View>
        {toDo.map((purchase) => (
          <View key={purchase.id}>
            <View style={styles.from}>
              <Txt kind="heading">{cuttingText.bought(purchase.date)}</Txt>
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
                <Txt kind="heading">{cuttingText.stillToBuy}</Txt>
              </View>
            )}
            {list.cut.map((it) => (
              <CutMaterialPart key={it.material} yard={yard} {...it} />
            ))}
          </View>
        )}
        {pieces === 0 && (
          <Part title={cuttingText.whatComesHere}>
            <Txt tone="ink2">{cuttingText.meshSheetBoardsAndBattens}</Txt>
          </Part>
        )}
        <ScreenOnly>
          <View style={styles.links}>
            <LinkRow href="/mends/prices" says={cuttingText.offcutsInStock}>
              <Txt kind="strong">{cuttingText.offcutsInStock}</Txt>
              <Txt tone="holds">
                {cuttingText.usedBeforeAnyRollIs(yard.shop?.offcuts.length ?? 0)}
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
