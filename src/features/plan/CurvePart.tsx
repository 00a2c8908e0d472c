/** How birds lost fall as more is spent, with the knee marked. */
import { planText } from '@/words/screens/plan';
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
    .map(({ cents, after }) => planText.birdsAYear(money(cents), after))
    .join('; ');
  return (
    <Part title={planText.whatMoreMoneyBrings}>
      <View onLayout={onLayout}>
        <CurveDrawing
          points={points.map(({ cents, after }) => ({ cents, birds: after }))}
          knee={knee}
          budget={limits.cents}
          width={width}
          says={says}
          moneyOf={(cents) => money(Math.round(cents / 100) * 100)}
          birdsOf={birdsWords}
        />
      </View>
      <Txt kind="small" tone="ink2">
        {planText.curveSays(limits.minutes !== undefined)}
      </Txt>
      {bend && knee > 0 && (
        <>
          <Txt>{planText.theBendIsAtBirds(money(bend.cents), bend.after)}</Txt>
          <Button
            look="plain"
            label={planText.planFor(money(bend.cents))}
            onPress={() => setLimits(limited(limits, 'cents', bend.cents))}
          />
        </>
      )}
    </Part>
  );
}
