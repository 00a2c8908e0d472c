/** The price book: what the keeper's shop sells, in which sizes, for what and as of when; what is left over from earlier. */
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
import { Field } from '@/ui/controls/Field';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Picker } from '@/ui/controls/Picker';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { materialName } from '@/words/mend-words';
import { notSavedWords } from '@/words/not-saved-words';
import { isSold, pricesTable } from '@/words/price-words';
import { shopGroupNames, shopGroupOf, sizeWords, soldWords } from '@/words/shop-words';
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
    <Screen>
      <View style={styles.head}>
        <BackLink href="/mends/shopping" name="Shopping" />
        <Txt kind="title">The price book</Txt>
        <Txt tone="ink2">
          Rookle looks nothing up. Until you write in what your shop asks, it reckons with round
          sums of ours; sizes are those usual in shops (common practice, recalled from memory). A
          price of yours stands with the day you saw it.
        </Txt>
        {trouble && <Notice>{trouble}</Notice>}
      </View>
      <Part title="Money">
        <Picker
          label="Currency"
          options={currencies.map((it) => [it, it] as const)}
          value={currencyOf(place) as (typeof currencies)[number]}
          none={currencyOf(place)}
          onChange={(it) =>
            void changePlace('currency', (before) => withCurrency(before, it)).catch(failed)
          }
        />
        <Txt kind="strong">To spare, on top of every sum</Txt>
        <Chips
          narrow
          options={allowances}
          value={String(shop.allowance)}
          onChoose={(it) => void setAllowance(Number(it)).catch(failed)}
        />
      </Part>
      {shop.offcuts.length > 0 && (
        <Part title="Offcuts in stock">
          <Txt tone="ink2">Used before anything is bought. Take out what is no longer there.</Txt>
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
                label="Gone"
                says={`Gone: ${materialName(place.units, material)}, ${sizeWords(place, { form: 'bar', length })}`}
                onPress={() => void dropOffcut(id).catch(failed)}
                style={styles.gone}
              />
            </View>
          ))}
        </Part>
      )}
      <Part title="Prices">
        <Field label="Look for" value={sought} onChange={setSought} />
        <TableButton
          label="Save all prices as a table (CSV)"
          name={`${place.id}-prices`}
          table={() => pricesTable(place, shop)}
        />
      </Part>
      {[
        ['On your list now', shown.filter((it) => wanted.has(it))] as const,
        ['With a price of yours', shown.filter((it) => !wanted.has(it) && mine.has(it))] as const,
        ['All others', shown.filter((it) => !wanted.has(it) && !mine.has(it))] as const,
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
    </Screen>
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
