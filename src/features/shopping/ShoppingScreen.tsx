/** What to buy for the mends that are planned: grouped, ticked in the shop, shared, and bought. */
import { shopText } from '@/words/screens/shopping';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Line, ShoppingList } from '@/core/mends/shopping/shopping-list';
import type { Sold } from '@/core/mends/shopping/sold';
import type { Place } from '@/core/place/place';
import type { Mend } from '@/core/records/mend';
import { useRouterHere } from '@/features/frame/use-router-here';
import { WorksSheet } from '@/features/look/WorksSheet';
import { UndoBar } from '@/features/edit/UndoBar';
import type { Yard } from '@/store/records';
import { useShopChanges } from '@/store/use-shop-changes';
import { useToday } from '@/store/use-today';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { CheckRow } from '@/ui/controls/CheckRow';
import { Columns } from '@/ui/controls/Columns';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Screen } from '@/ui/controls/Screen';
import { ScreenOnly } from '@/ui/controls/ScreenOnly';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { notSavedWords } from '@/words/not-saved-words';
import { moneyInColumn } from '@/words/plan-words';
import { forWhat, shopGroupNames, shopGroupOf, shopGroups } from '@/words/shop-words';
import { useShopping } from '@/workers/use-shopping';
import { ShareList } from './ShareList';

export function ShoppingScreen({ yard }: { readonly yard: Yard }) {
  const judgement = useJudgement(yard);
  const { found } = judgement;
  const wide = useWide();
  const today = useToday();
  const { list, isWorking, failed, mends, shop } = useShopping(yard, found.place);
  const { tick } = useShopChanges();
  const [trouble, setTrouble] = useState<string>();
  const failedTo = (error: unknown) => setTrouble(notSavedWords(error));
  const { place } = yard;
  const inBasket = list?.lines.filter(({ sold }) => shop.ticked.includes(sold.id)).length ?? 0;
  const head = (
    <View style={styles.head}>
      <ScreenOnly>
        <BackLink href="/mends" name={shopText.mends} />
      </ScreenOnly>
      <Headline yard={yard} list={list} mends={mends} />
      {!failed && mends.length > 0 && (
        <Txt tone="ink2" live room={1}>
          {isWorking && (list ? shopText.lookingWhetherItCanBe : shopText.workingOutHowItIs)}
        </Txt>
      )}
      {failed && <Notice>{shopText.theListCouldNotBe}</Notice>}
      {trouble && <Notice>{trouble}</Notice>}
    </View>
  );
  const links = (
    <ScreenOnly>
      <View style={styles.links}>
        <LinkRow href="/mends/cutting" says={shopText.theCuttingList}>
          <Txt kind="strong">{shopText.howItIsCut}</Txt>
          <Txt tone="holds">{shopText.theCuttingListDrawnTo}</Txt>
        </LinkRow>
        <LinkRow href="/mends/prices" says={shopText.thePriceBook}>
          <Txt kind="strong">{shopText.thePriceBook}</Txt>
          <Txt tone="holds">{shopText.whatYourShopSellsAnd}</Txt>
        </LinkRow>
      </View>
    </ScreenOnly>
  );
  if (!list || mends.length === 0) {
    return (
      <Screen>
        {head}
        {list && links}
      </Screen>
    );
  }
  return (
    <Columns
      names={[shopText.theShoppingList, shopText.theSum]}
      head={head}
      left={
        <>
          {list.notSold.map(({ material, mends: ids }) => (
            <View key={material} style={styles.notice}>
              <Notice>
                {shopText.isInYourPriceBook(place.units, material, place, mends, ids)}
              </Notice>
            </View>
          ))}
          <Lines
            place={place}
            list={list}
            mends={mends}
            ticked={shop.ticked}
            onTick={(id) => void tick(id).catch(failedTo)}
          />
        </>
      }
      right={
        <>
          {wide && (
            <ScreenOnly>
              <WorksSheet
                judgement={judgement}
                mends={mends}
                day={today}
                says={shopText.whereItGoes}
              />
            </ScreenOnly>
          )}
          <Sum yard={yard} list={list} />
          <ScreenOnly>
            <Part title={shopText.inTheShop}>
              <Txt tone="ink2">{shopText.ofTickedTicksAndThe(inBasket, list.lines.length)}</Txt>
              {/* Below the list, that a tick moves nothing under the finger. */}
              <UndoBar placeId={place.id} />
              <BuyButton list={list} mends={mends} onTrouble={failedTo} />
              <ShareList place={place} mends={mends} list={list} ticked={shop.ticked} />
            </Part>
          </ScreenOnly>
          {links}
        </>
      }
    />
  );
}

interface LinesProps {
  readonly place: Place;
  readonly list: ShoppingList;
  readonly mends: readonly Mend[];
  /** Ids of what is in the basket. */
  readonly ticked: readonly string[];
  readonly onTick: (id: string) => void;
}

function Lines({ place, list, mends, ticked, onTick }: LinesProps) {
  return (
    <>
      {shopGroups.map((group) => {
        const lines = list.lines.filter(({ sold }) => shopGroupOf(sold.material) === group);
        if (lines.length === 0) return null;
        return (
          <Part key={group} title={shopGroupNames[group]}>
            <View>
              {lines.map(({ sold, count: many, cents, mends: ids }) => (
                <CheckRow
                  key={sold.id}
                  says={shopText.ofIt(many, place, sold, cents)}
                  checked={ticked.includes(sold.id)}
                  onPress={() => onTick(sold.id)}
                >
                  <View style={styles.line}>
                    <Txt kind="strong" style={styles.what}>
                      {shopText.sign(many, place, sold)}
                    </Txt>
                    <Txt kind="label">{moneyInColumn(place, cents)}</Txt>
                  </View>
                  <Txt kind="small" tone="ink2">
                    {isFirst(lines, sold) && `${forWhat(place, mends, ids)}. `}
                    {sold.seen === undefined && shopText.ourRoundPrice}
                  </Txt>
                </CheckRow>
              ))}
            </View>
          </Part>
        );
      })}
      {list.own.length > 0 && (
        <Part title={shopText.forYourOwnMends}>
          {list.own.map(({ mend, cents }) => (
            <View key={mend} style={styles.line}>
              <Txt style={styles.what}>{forWhat(place, mends, [mend])}</Txt>
              <Txt kind="label">{moneyInColumn(place, cents)}</Txt>
            </View>
          ))}
        </Part>
      )}
    </>
  );
}

/** What it is for stands with the first size of a material. */
function isFirst(lines: readonly Line[], { id, material }: Sold): boolean {
  return lines.find(({ sold }) => sold.material === material)?.sold.id === id;
}

function Headline({
  yard,
  list,
  mends,
}: {
  readonly yard: Yard;
  readonly list: ShoppingList | undefined;
  readonly mends: readonly Mend[];
}) {
  const { place } = yard;
  if (mends.length === 0) {
    return (
      <>
        <Txt kind="title">{shopText.nothingToBuy}</Txt>
        <Txt tone="ink2">{shopText.mendsThatArePlannedCome}</Txt>
      </>
    );
  }
  return (
    <>
      <Txt kind="title">{list ? shopText.toBuy(place, list.cents) : shopText.theShoppingList}</Txt>
      <Txt kind="strong">{shopText.forWholeRollsBoardsAnd(mends.length, place.name)}</Txt>
    </>
  );
}

function Sum({ yard: { place, shop }, list }: { yard: Yard; list: ShoppingList }) {
  const money = (cents: number) => moneyInColumn(place, cents);
  const more = list.cents - list.lowestCents;
  return (
    <Part title={shopText.theSum}>
      <View style={styles.line}>
        <Txt style={styles.what}>{shopText.theThings}</Txt>
        <Txt kind="label">{money(list.cents)}</Txt>
      </View>
      <View style={styles.line}>
        <Txt style={styles.what}>{shopText.toSpare(shop?.allowance ?? 10)}</Txt>
        <Txt kind="label">{money(list.allowance)}</Txt>
      </View>
      <View style={styles.line}>
        <Txt kind="strong" style={styles.what}>
          {shopText.takeWithYou}
        </Txt>
        <Txt kind="figure">{money(list.total)}</Txt>
      </View>
      <Txt kind="small" tone="ink2">
        {shopText.pricesWithoutADayAre(
          more === 0 ? shopText.noCheaperWayOfCutting : shopText.thereMayBeACheaper(money(more)),
        )}
      </Txt>
    </Part>
  );
}

function BuyButton({
  list,
  mends,
  onTrouble,
}: {
  readonly list: ShoppingList;
  readonly mends: readonly Mend[];
  readonly onTrouble: (error: unknown) => void;
}) {
  const router = useRouterHere();
  const { buy } = useShopChanges();
  return (
    <Button
      label={shopText.allOfItIsBought}
      onPress={() => {
        buy(
          list,
          mends.map(({ id }) => id),
        )
          .then(() => router.push('/mends/cutting'))
          .catch(onTrouble);
      }}
    />
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  notice: { paddingHorizontal: space.l, paddingBottom: space.m },
  line: { flexDirection: 'row', alignItems: 'baseline', gap: space.m },
  what: { flex: 1, minWidth: 0 },
  links: { backgroundColor: color.paper },
});
