/** How birds lost fall as more is spent, with the knee marked. */
import { View } from 'react-native';
import type { Curve } from '@/core/mends/plan/curve';
import { CurveDrawing } from '@/ui/drawings/CurveDrawing';
import { Button } from '@/ui/controls/Button';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { useWidth } from '@/ui/theme/use-width';
import { birdsWords, moneyWords } from '@/words/plan-words';
import { limited, type Shared } from './shared';

export function CurvePart({ place, limits, setLimits, curve }: Shared & { readonly curve: Curve }) {
  const { width, onLayout } = useWidth(358);
  const { points, knee } = curve;
  if (points.length < 2) return null;
  const money = (cents: number) => moneyWords(place, cents);
  const bend = points[knee];
  const says = points
    .map(({ cents, birds }) => `${money(cents)}: ${birdsWords(birds)} birds a year`)
    .join('; ');
  return (
    <Part title="What more money brings">
      <View onLayout={onLayout}>
        <CurveDrawing
          points={points}
          knee={knee}
          budget={limits.cents}
          width={width}
          says={says}
          moneyOf={(cents) => money(Math.round(cents / 100) * 100)}
          birdsOf={birdsWords}
        />
      </View>
      <Txt kind="small" tone="ink2">
        Birds lost a year by the best plan for each sum
        {limits.minutes !== undefined && ' within the hours'}; the bar is your money.
      </Txt>
      {bend && knee > 0 && (
        <>
          <Txt>
            The bend is at {money(bend.cents)}: {birdsWords(bend.birds)} birds a year. Beyond it
            more money brings less.
          </Txt>
          <Button
            look="plain"
            label={`Plan for ${money(bend.cents)}`}
            onPress={() => setLimits(limited(limits, 'cents', bend.cents))}
          />
        </>
      )}
    </Part>
  );
}
