/** The price book: what the keeper's shop sells, in which sizes, for what and as of when; what is left over from earlier. */
import { pricesText } from '@/words/screens/prices';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Material } from '@/core/mends/catalogue';
import { materials } from '@/core/mends/catalogue/prices';
import { takeOff } from '@/core/mends/shopping/take-off';
import { currencies, currencyOf, withCurrency } from '@/core/place/currency';
import { isBar } from '@/core/mends/shopping/bars';
import { firstShop } from '@/core/mends/shopping/shop';
import { TableButton } from '@/features/place/TableButton';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { useShopChanges } from '@/store/use-shop-changes';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Chips } from '@/ui/controls/Chips';
import { Columns } from '@/ui/controls/Columns';
import { Field } from '@/ui/controls/Field';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Picker } from '@/ui/controls/Picker';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { materialName } from '@/words/mend-words';
import { notSavedWords } from '@/words/not-saved-words';
import { isSold, pricesTable } from '@/words/price-words';
import { shopGroupNames, shopGroupOf, soldWords } from '@/words/shop-words';
import { MaterialPrices } from './MaterialPrices';

export function PricesScreen({ yard }: { readonly yard: Yard }) {
  const { found } = useJudgement(yard);
  const { changePlace } = useChanges();
  const { setAllowance, dropOffcut } = useShopChanges();
  const [sought, setSought] = useState('');
  const [trouble, setTrouble] = useState<string>();
  const failed = (error: unknown) => setTrouble(notSavedWords(error));
  const { place } = yard;
  const shop = yard.shop ?? firstShop(place);
  const wanted = useMemo(() => {
    const planned = yard.mends.filter(({ state }) => state === 'planned');
    const { stretches, lengths, counts } = takeOff(found.place, planned);
    return new Set([...stretches, ...lengths, ...counts].map(({ material }) => material));
  }, [found.place, yard.mends]);
  const shown = materials.filter((it) => isSold(it) && isNamed(it, place.units, sought));
  const mine = new Set(shop.prices.map(({ material }) => material));
  return (
    <Columns
      names={[pricesText.thePriceBook, pricesText.prices]}
      head={
        <View style={styles.head}>
          <BackLink href="/mends/shopping" name={pricesText.shopping} />
          <Txt kind="title">{pricesText.thePriceBook}</Txt>
          <Txt tone="ink2">{pricesText.rookleLooksNothingUpUntil}</Txt>
          {trouble && <Notice>{trouble}</Notice>}
        </View>
      }
      left={
        <>
          <Part title={pricesText.money}>
            <Picker
              label={pricesText.currency}
              options={currencies.map((it) => [it, it] as const)}
              value={currencyOf(place) as (typeof currencies)[number]}
              none={currencyOf(place)}
              onChange={(it) =>
                void changePlace('currency', (before) => withCurrency(before, it)).catch(failed)
              }
            />
            <Txt kind="strong">{pricesText.toSpareOnTopOf}</Txt>
            <Chips
              narrow
              options={allowances}
              value={String(shop.allowance)}
              onChoose={(it) => void setAllowance(Number(it)).catch(failed)}
            />
          </Part>
          {shop.offcuts.length > 0 && (
            <Part title={pricesText.offcutsInStock}>
              <Txt tone="ink2">{pricesText.usedBeforeAnythingIsBought}</Txt>
              {shop.offcuts.map(({ id, material, length, width }) => (
                <View key={id} style={styles.line}>
                  <Txt style={styles.words}>
                    {soldWords(place, {
                      material,
                      size: isBar({ width })
                        ? { form: 'bar', length }
                        : { form: 'sheet', length, width },
                    })}
                  </Txt>
                  <Button
                    look="key"
                    label={pricesText.gone}
                    says={pricesText.goneOffcut(place.units, material, place, {
                      form: 'bar',
                      length,
                    })}
                    onPress={() => void dropOffcut(id).catch(failed)}
                    style={styles.gone}
                  />
                </View>
              ))}
            </Part>
          )}
          <Part title={pricesText.prices}>
            <Field label={pricesText.lookFor} value={sought} onChange={setSought} />
            <TableButton
              label={pricesText.saveAllPricesAsA}
              name={`${place.id}-prices`}
              table={() => pricesTable(place, shop)}
            />
          </Part>
        </>
      }
      right={[
        [pricesText.onYourListNow, shown.filter((it) => wanted.has(it))] as const,
        [
          pricesText.withAPriceOfYours,
          shown.filter((it) => !wanted.has(it) && mine.has(it)),
        ] as const,
        [pricesText.allOthers, shown.filter((it) => !wanted.has(it) && !mine.has(it))] as const,
      ].map(
        ([title, some]) =>
          some.length > 0 && (
            <Part key={title} title={title}>
              {some.map((material) => (
                <MaterialPrices key={material} place={place} shop={shop} material={material} />
              ))}
            </Part>
          ),
      )}
    />
  );
}

const allowances = ['0', '5', '10', '20'].map((it) => [it, `${it} %`] as const);

function isNamed(material: Material, units: Yard['place']['units'], sought: string): boolean {
  const words = `${materialName(units, material)} ${shopGroupNames[shopGroupOf(material)]}`;
  return words.toLowerCase().includes(sought.trim().toLowerCase());
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  words: { flex: 1, minWidth: 0 },
  gone: { minWidth: 80 },
});
