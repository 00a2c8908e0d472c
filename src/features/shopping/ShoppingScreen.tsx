/** What to buy for the mends that are planned: grouped, ticked in the shop, shared, and bought. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Line, ShoppingList } from '@/core/mends/shopping/shopping-list';
import type { Sold } from '@/core/mends/shopping/sold';
import type { Mend } from '@/core/records/mend';
import type { Yard } from '@/store/records';
import { useShopChanges } from '@/store/use-shop-changes';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { CheckRow } from '@/ui/controls/CheckRow';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Screen } from '@/ui/controls/Screen';
import { ScreenOnly } from '@/ui/controls/ScreenOnly';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { materialName } from '@/words/mend-words';
import { capital, count } from '@/words/names';
import { notSavedWords } from '@/words/not-saved-words';
import { moneyInColumn, moneyWords } from '@/words/plan-words';
import { forWhat, shopGroupNames, shopGroupOf, shopGroups, soldWords } from '@/words/shop-words';
import { useShopping } from '@/workers/use-shopping';
import { ShareList } from './ShareList';

export function ShoppingScreen({ yard }: { readonly yard: Yard }) {
  const { found } = useJudgement(yard);
  const { list, isWorking, failed, mends, shop } = useShopping(yard, found.place);
  const { tick } = useShopChanges();
  const [trouble, setTrouble] = useState<string>();
  const failedTo = (error: unknown) => setTrouble(notSavedWords(error));
  const { place } = yard;
  const inBasket = list?.lines.filter(({ sold }) => shop.ticked.includes(sold.id)).length ?? 0;
  return (
    <Screen>
      <View style={styles.head}>
        <ScreenOnly>
          <BackLink href="/mends" name="Mends" />
        </ScreenOnly>
        <Headline yard={yard} list={list} mends={mends} />
        {isWorking && (
          <Txt tone="ink2" live>
            {list ? 'Looking whether it can be cut for less …' : 'Working out how it is cut …'}
          </Txt>
        )}
        {failed && (
          <Notice>The list could not be worked out in this browser. Nothing was changed.</Notice>
        )}
        {trouble && <Notice>{trouble}</Notice>}
      </View>
      {list && (
        <>
          {list.notSold.map(({ material, mends: ids }) => (
            <View key={material} style={styles.notice}>
              <Notice>
                {`${capital(materialName(place.units, material))} is in your price book in no size that does for ${forWhat(place, mends, ids)}. It is not in the sum.`}
              </Notice>
            </View>
          ))}
          {shopGroups.map((group) => {
            const lines = list.lines.filter(({ sold }) => shopGroupOf(sold.material) === group);
            if (lines.length === 0) return null;
            return (
              <Part key={group} title={shopGroupNames[group]}>
                <View>
                  {lines.map(({ sold, count: many, cents, mends: ids }) => (
                    <CheckRow
                      key={sold.id}
                      says={`${many} of ${soldWords(place, sold)}, ${moneyWords(place, cents)}`}
                      checked={shop.ticked.includes(sold.id)}
                      onPress={() => void tick(sold.id).catch(failedTo)}
                    >
                      <View style={styles.line}>
                        <Txt kind="strong" style={styles.what}>
                          {many} × {soldWords(place, sold)}
                        </Txt>
                        <Txt kind="label">{moneyInColumn(place, cents)}</Txt>
                      </View>
                      <Txt kind="small" tone="ink2">
                        {isFirst(lines, sold) && `${forWhat(place, mends, ids)}. `}
                        {sold.seen === undefined && 'Our round price.'}
                      </Txt>
                    </CheckRow>
                  ))}
                </View>
              </Part>
            );
          })}
          {list.own.length > 0 && (
            <Part title="For your own mends">
              {list.own.map(({ mend, cents }) => (
                <View key={mend} style={styles.line}>
                  <Txt style={styles.what}>{forWhat(place, mends, [mend])}</Txt>
                  <Txt kind="label">{moneyInColumn(place, cents)}</Txt>
                </View>
              ))}
            </Part>
          )}
          {mends.length > 0 && (
            <>
              <Sum yard={yard} list={list} />
              <ScreenOnly>
                <Part title="In the shop">
                  <Txt tone="ink2">
                    {count(inBasket, 'line')} of {list.lines.length} ticked. Ticks and the list work
                    with no network.
                  </Txt>
                  <BuyButton list={list} mends={mends} onTrouble={failedTo} />
                  <ShareList place={place} mends={mends} list={list} ticked={shop.ticked} />
                </Part>
              </ScreenOnly>
            </>
          )}
          <ScreenOnly>
            <View style={styles.links}>
              <LinkRow href="/mends/cutting" says="The cutting list">
                <Txt kind="strong">How it is cut</Txt>
                <Txt tone="holds">The cutting list, drawn to scale</Txt>
              </LinkRow>
              <LinkRow href="/mends/prices" says="The price book">
                <Txt kind="strong">The price book</Txt>
                <Txt tone="holds">What your shop sells and asks; offcuts in stock</Txt>
              </LinkRow>
            </View>
          </ScreenOnly>
        </>
      )}
    </Screen>
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
        <Txt kind="title">Nothing to buy</Txt>
        <Txt tone="ink2">Mends that are planned come here, until their things are bought.</Txt>
      </>
    );
  }
  return (
    <>
      <Txt kind="title">
        {list ? `${moneyWords(place, list.cents)} to buy` : 'The shopping list'}
      </Txt>
      <Txt kind="strong">
        For {count(mends.length, 'mend')}, {place.name}. Whole rolls, boards and packs.
      </Txt>
    </>
  );
}

function Sum({ yard: { place, shop }, list }: { yard: Yard; list: ShoppingList }) {
  const money = (cents: number) => moneyInColumn(place, cents);
  const more = list.cents - list.lowestCents;
  return (
    <Part title="The sum">
      <View style={styles.line}>
        <Txt style={styles.what}>The things</Txt>
        <Txt kind="label">{money(list.cents)}</Txt>
      </View>
      <View style={styles.line}>
        <Txt style={styles.what}>To spare, {shop?.allowance ?? 10} %</Txt>
        <Txt kind="label">{money(list.allowance)}</Txt>
      </View>
      <View style={styles.line}>
        <Txt kind="strong" style={styles.what}>
          Take with you
        </Txt>
        <Txt kind="figure">{money(list.total)}</Txt>
      </View>
      <Txt kind="small" tone="ink2">
        {more === 0
          ? 'No cheaper way of cutting these pieces from what is sold.'
          : `There may be a cheaper way of cutting it, by ${money(more)} at the most.`}{' '}
        Prices without a day are round sums of ours: write your shop’s into the price book.
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
  const router = useRouter();
  const { buy } = useShopChanges();
  return (
    <Button
      label="All of it is bought"
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
