/** Beside what is asked of the whole place: the plan with the ways in so far; beside what is asked of the line, the line with its volts. */
import { StyleSheet, View } from 'react-native';
import type { WalkSection } from '@/core/attributes/attribute';
import type { Judgement } from '@/core/score/judge';
import { useFence } from '@/features/fence/use-fence';
import { FenceLap } from '@/ui/drawings/FenceLap';
import { FencePlan } from '@/ui/drawings/FencePlan';
import { SitePlan } from '@/ui/drawings/SitePlan';
import { space } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWidth } from '@/ui/theme/use-width';

interface Props {
  readonly section: WalkSection;
  readonly judgement: Judgement;
}

/** px */
const [planTallest, lineTallest] = [460, 300];

export function WholePlace({ section, judgement }: Props) {
  const { width, onLayout } = useWidth(usePageWidth('full') / 2 - 2 * space.l);
  const { found, marks, waysIn } = judgement;
  const fence = useFence(found);
  return (
    <View style={styles.sheet}>
      <View onLayout={onLayout} style={styles.drawn}>
        {section === 'fence' && fence ? (
          <>
            <FenceLap view={fence.view} width={width} />
            <FencePlan place={found.place} view={fence.view} width={width} tallest={lineTallest} />
          </>
        ) : (
          <SitePlan
            place={found.place}
            marks={marks}
            ways={waysIn}
            width={width}
            tallest={planTallest}
            selected={undefined}
          />
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  sheet: { padding: space.l },
  drawn: { gap: space.l },
});
