/** What is not in the plan, and why not: what would spare most first. */
import { planText } from '@/words/screens/plan';
import { useState } from 'react';
import { View } from 'react-native';
import type { PlanAnswer, WhyNotWords } from '@/core/mends/plan/answer';
import type { Mend } from '@/core/records/mend';
import { Button } from '@/ui/controls/Button';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { mendTitle, whyNotWords } from '@/words/plan-words';
import { MendRow } from './MendRow';
import type { Shared } from './shared';

const shownAtFirst = 4;

/** What tempts most comes first; what does the same in another way last. */
const order: readonly WhyNotWords['kind'][] = [
  'money',
  'time',
  'beside',
  'wont',
  'too-long',
  'instead',
  'nothing',
];

interface Props extends Shared {
  readonly answer: PlanAnswer;
  readonly harmful: readonly Mend[];
}

export function OthersPart({ answer, harmful, ...shared }: Props) {
  const { place, candidates } = shared;
  const [all, setAll] = useState(false);
  const title = (id: string): string => {
    const it = candidates.get(id);
    return it ? mendTitle(place, it.mend) : id;
  };
  const spared = (why: WhyNotWords): number => ('birds' in why ? why.birds : 0);
  const others = Object.entries(answer.others).sort(
    ([, a], [, b]) => order.indexOf(a.kind) - order.indexOf(b.kind) || spared(b) - spared(a),
  );
  if (others.length === 0) return null;
  const shown = all ? others : others.slice(0, shownAtFirst);
  return (
    <Part title={planText.whyNotTheOthers}>
      <View>
        {shown.map(([id, why]) => {
          const candidate = candidates.get(id);
          return (
            candidate && (
              <MendRow key={id} {...shared} candidate={candidate}>
                <Txt>{whyNotWords(place, why, title)}</Txt>
              </MendRow>
            )
          );
        })}
      </View>
      {harmful.length > 0 && (
        <Txt tone="ink2">
          {planText.neverPlannedSinceTheyWould(harmful.map((mend) => mendTitle(place, mend)))}
        </Txt>
      )}
      {others.length > shownAtFirst && (
        <Button
          look="plain"
          label={all ? planText.fewer : planText.allThatAreNotIn(others.length)}
          onPress={() => setAll(!all)}
        />
      )}
    </Part>
  );
}
