/** Money and hours, by slider or by figures; nothing longer than so many minutes. */
import { planText } from '@/words/screens/plan';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Curve } from '@/core/mends/plan/curve';
import { Button } from '@/ui/controls/Button';
import { Chips } from '@/ui/controls/Chips';
import { Field } from '@/ui/controls/Field';
import { Part } from '@/ui/controls/Part';
import { Slider } from '@/ui/controls/Slider';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { moneyWords, timeWords } from '@/words/plan-words';
import { limited, type Shared } from './shared';

/** Until the curve says what there is to spend. */
const usualMost = 30_000;
const mostHours = 40;

export function LimitsPart({
  place,
  limits,
  setLimits,
  curve,
}: Shared & { readonly curve: Curve | undefined }) {
  const dearest = curve?.points.at(-1)?.cents ?? usualMost;
  const mostCents = Math.max(1000, Math.ceil((dearest * 1.1) / 500) * 500);
  return (
    <Part title={planText.moneyAndHours}>
      <Amount
        name={planText.money}
        value={limits.cents}
        words={limits.cents === undefined ? planText.noEndOfIt : moneyWords(place, limits.cents)}
        unit={100}
        most={mostCents}
        step={mostCents > 20_000 ? 500 : 100}
        onChange={(cents) => setLimits(limited(limits, 'cents', cents))}
      />
      <Amount
        name={planText.hours}
        value={limits.minutes}
        words={limits.minutes === undefined ? planText.asLongAsItTakes : timeWords(limits.minutes)}
        unit={60}
        most={mostHours * 60}
        step={30}
        onChange={(minutes) => setLimits(limited(limits, 'minutes', minutes))}
      />
      <Txt kind="small" tone="ink2">
        {planText.noSingleMendLongerThan}
      </Txt>
      <Chips
        narrow
        options={longest}
        value={String(limits.longest ?? 'any')}
        onChoose={(it) =>
          setLimits(limited(limits, 'longest', it === 'any' ? undefined : Number(it)))
        }
      />
    </Part>
  );
}

const longest = [
  ['30', '30 min'],
  ['60', '1 h'],
  ['120', '2 h'],
  ['any', 'any'],
] as const;

interface AmountProps {
  readonly name: string;
  readonly value: number | undefined;
  readonly words: string;
  /** How many of what is kept make one of what is typed. */
  readonly unit: number;
  readonly most: number;
  readonly step: number;
  readonly onChange: (value: number | undefined) => void;
}

function Amount({ name, value, words, unit, most, step, onChange }: AmountProps) {
  const [typed, setTyped] = useState<string>();
  const amount = typed === undefined ? undefined : Number(typed.replace(',', '.'));
  const isAmount = amount !== undefined && Number.isFinite(amount) && amount >= 0 && typed !== '';
  return (
    <View style={styles.amount} role="group" aria-label={name}>
      <View style={styles.line}>
        <View style={styles.words}>
          <Txt kind="small" tone="ink2">
            {name}
          </Txt>
          <Txt kind="strong">{words}</Txt>
        </View>
        <Button
          look="key"
          label={typed === undefined ? planText.typeIt : planText.done}
          says={typed === undefined ? planText.typeItFor(name) : planText.doneFor(name)}
          onPress={() => setTyped(typed === undefined ? String((value ?? most) / unit) : undefined)}
          style={styles.button}
        />
        <Button
          look="key"
          label={value === undefined ? planText.limit : planText.noLimit}
          says={value === undefined ? planText.setALimit(name) : planText.noLimitFor(name)}
          onPress={() =>
            onChange(value === undefined ? Math.round(most / 2 / step) * step : undefined)
          }
          style={styles.button}
        />
      </View>
      {typed !== undefined && (
        <Field
          label={planText.asAFigure(name)}
          value={typed}
          numeric
          onChange={(text) => {
            setTyped(text);
            const next = Number(text.replace(',', '.'));
            if (text !== '' && Number.isFinite(next) && next >= 0 && next <= 1_000_000) {
              onChange(Math.round(next * unit));
            }
          }}
          trouble={isAmount ? undefined : planText.wrongLimit}
        />
      )}
      <Slider
        label={name}
        value={value ?? most}
        most={most}
        step={step}
        says={words}
        onChange={onChange}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  amount: { gap: space.xs },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.s },
  words: { flex: 1, minWidth: 0 },
  button: { minWidth: 84 },
});
