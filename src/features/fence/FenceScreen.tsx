/** The electric line: what reaches a nose in every bay, what to do first, what would be if, earth and battery. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { WhatIf } from '@/core/fence/what-if';
import { isChanged } from '@/core/fence/what-if';
import type { BayId } from '@/core/place/place';
import { isKnown } from '@/core/place/possible';
import { attributeKey, type FoundPlace } from '@/core/records/apply-readings';
import { UndoBar } from '@/features/edit/UndoBar';
import { useEdit } from '@/features/edit/use-edit';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Columns } from '@/ui/controls/Columns';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { FenceLap } from '@/ui/drawings/FenceLap';
import { FencePlan } from '@/ui/drawings/FencePlan';
import { space } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWidth } from '@/ui/theme/use-width';
import { firstWords } from '@/words/fence-words';
import { fenceText } from '@/words/screens/fence';
import { BatteryPart, EarthPart } from './EarthAndBattery';
import { BaysPart } from './BaysPart';
import { CircuitPart } from './CircuitPart';
import { FirstStep } from './FirstStep';
import { useBatteryTrend } from './use-battery-trend';
import { useFence } from './use-fence';
import { WhatIfPart } from './WhatIfPart';

const planTallest = 340;

export function FenceScreen({ yard }: { readonly yard: Yard }) {
  const edit = useEdit();
  const { found } = useJudgement(yard);
  const { place } = found;
  const [whatIf, setWhatIf] = useState<WhatIf>({});
  const [bay, setBay] = useState<BayId>();
  const { width, onLayout } = useWidth(usePageWidth('left') - 2 * space.l);
  const at = useFence(found, whatIf);
  const trend = useBatteryTrend(yard);
  if (!at) return <FirstStep place={place} mends={yard.mends} edit={edit} />;
  const { view, fence } = at;
  const [answer, why] = firstWords(place, view.first);
  return (
    <Columns
      names={[fenceText.fence, fenceText.facts]}
      head={
        <View style={styles.head}>
          <BackLink href="/" name={fenceText.yard} />
          <Txt kind="title" live>
            {isChanged(whatIf) ? fenceText.ifSo(answer) : answer}
          </Txt>
          <Txt tone="ink2">{why}</Txt>
          {edit.trouble && <Notice>{edit.trouble}</Notice>}
          <View onLayout={onLayout}>
            <FenceLap view={view} width={width} selected={bay} onSelect={setBay} />
          </View>
          <Txt kind="small" tone="ink2">
            {fenceText.legend}
          </Txt>
          <UndoBar placeId={place.id} />
        </View>
      }
      left={
        <>
          <WhatIfPart place={place} view={view} whatIf={whatIf} onChange={setWhatIf} />
          <View style={styles.links}>
            <LinkRow href="/fence/search" says={fenceText.search}>
              <Txt kind="strong" tone="holds">
                {fenceText.search}
              </Txt>
              <Txt tone="ink2">{fenceText.searchWhy}</Txt>
            </LinkRow>
            <LinkRow
              href={{ pathname: '/walk', params: { purpose: 'fence' } }}
              says={fenceText.walk}
            >
              <Txt kind="strong" tone="holds">
                {fenceText.walk}
              </Txt>
              <Txt tone="ink2">{fenceText.walkWhy}</Txt>
            </LinkRow>
            <LinkRow href="/fence/describe" says={fenceText.change}>
              <Txt kind="strong" tone="holds">
                {fenceText.change}
              </Txt>
            </LinkRow>
          </View>
          <BaysPart place={place} view={view} selected={bay} onSelect={setBay} edit={edit} />
        </>
      }
      right={
        <>
          <View style={styles.plan}>
            <FencePlan place={place} view={view} width={width} tallest={planTallest} />
          </View>
          <CircuitPart place={place} mends={yard.mends} isUsedUp={view.first.kind === 'battery'} />
          <EarthPart view={view} fence={fence} edit={edit} stakeRead={lastStake(found, fence.id)} />
          <BatteryPart view={view} fence={fence} edit={edit} trend={trend} />
          <View style={styles.head}>
            <Notice tone="hours">{fenceText.onlyFromAListedEnergizer}</Notice>
          </View>
          <View style={styles.links}>
            <LinkRow
              href={{ pathname: '/figures', params: { find: 'line' } }}
              says={fenceText.figures}
            >
              <Txt kind="strong" tone="holds">
                {fenceText.figures}
              </Txt>
            </LinkRow>
          </View>
        </>
      }
    />
  );
}

function lastStake({ provenance }: FoundPlace, fence: string): number | undefined {
  const value = provenance.get(attributeKey(fence, 'check.earth'))?.reading.value;
  return value !== undefined && value !== 'cannot-tell' && isKnown<number>(value)
    ? value.is
    : undefined;
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  links: {},
  plan: { padding: space.l, alignItems: 'center' },
});
