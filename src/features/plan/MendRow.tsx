/** One mend that might be made: what, where, for how much; opened, how, against whom, and the keeper's own word on it. */
import { planText } from '@/words/screens/plan';
import { useState, type ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { HowTo } from '@/features/mends/HowTo';
import { RoomLost } from '@/features/mends/RoomLost';
import { MendTargets } from '@/features/mends/MendTargets';
import { readyFor } from '@/core/mends/plan/with-mends';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { color, space, touch } from '@/ui/theme/tokens';
import { animalName } from '@/words/headline';
import { amountWords, mendName } from '@/words/mend-words';
import { levelShort } from '@/words/minutes-words';
import { moneyWords, timeWords, whereWords } from '@/words/plan-words';
import type { ShownCandidate } from '@/workers/plan-talk';
import { marked, type Shared } from './shared';

interface Props extends Shared {
  readonly candidate: ShownCandidate;
  readonly number?: number;
  /** Said under its name: why it is not in the plan. */
  readonly children?: ReactNode;
}

export function MendRow({ place, limits, setLimits, candidate, number, children }: Props) {
  const [open, setOpen] = useState(false);
  const { id, mend, cents, minutes, takes, inHand, efforts, excludes } = candidate;
  const isMust = limits.must?.includes(id) ?? false;
  const isWont = limits.wont?.includes(id) ?? false;
  const name = mendName(mend);
  const where = whereWords(place, mend);
  return (
    <View style={styles.row}>
      <Pressable
        role="button"
        aria-expanded={open}
        aria-label={`${name}, ${where}`}
        onPress={() => setOpen(!open)}
        style={styles.line}
      >
        {number !== undefined && (
          <View style={styles.tag}>
            <Txt kind="label" tone="onHolds">
              {String(number)}
            </Txt>
          </View>
        )}
        <View style={styles.words}>
          <Txt kind="strong">{name}</Txt>
          <Txt tone="ink2">
            {planText.takesAt(
              where,
              moneyWords(place, cents),
              timeWords(minutes),
              inHand === true,
              isMust === true,
            )}
          </Txt>
          {children}
        </View>
        <Txt kind="label" tone="ink2">
          {open ? '–' : '+'}
        </Txt>
      </Pressable>
      {open && (
        <View style={styles.more}>
          {efforts.map(({ animal, before, after }) => (
            <Txt key={animal}>
              {animalName(animal)}: {levelShort(before)} → {levelShort(after)}
            </Txt>
          ))}
          {efforts.length === 0 && mend.stops.length > 0 && (
            <Txt>{planText.against(mend.stops)}</Txt>
          )}
          <MendTargets place={readyFor(place, [mend])} mend={mend} />
          {takes.length > 0 && (
            <Txt tone="ink2">
              {planText.takes(takes.map((it) => amountWords(place, it)).join('; '))}
            </Txt>
          )}
          {mend.kind !== 'own' && <HowTo kind={mend.kind} />}
          <RoomLost place={readyFor(place, [mend])} mend={mend} />
          <View style={styles.marks}>
            <Button
              look="chip"
              label={planText.mustDo}
              says={planText.mustDoThis(name, where)}
              selected={isMust}
              onPress={() => setLimits(marked(limits, 'must', id, excludes))}
              style={styles.mark}
            />
            <Button
              look="chip"
              label={planText.wontDo}
              says={planText.wontDoThis(name, where)}
              selected={isWont}
              onPress={() => setLimits(marked(limits, 'wont', id))}
              style={styles.mark}
            />
          </View>
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { borderTopWidth: 1, borderTopColor: color.hairline },
  line: {
    flexDirection: 'row',
    alignItems: 'flex-start',
    gap: space.m,
    minHeight: touch,
    paddingVertical: space.m,
  },
  tag: {
    minWidth: 30,
    height: 30,
    borderRadius: 3,
    alignItems: 'center',
    justifyContent: 'center',
    backgroundColor: color.holds,
  },
  words: { flex: 1, minWidth: 0, gap: 2 },
  more: { gap: space.s, paddingBottom: space.m },
  marks: { flexDirection: 'row', gap: space.s },
  mark: { minWidth: 110, paddingHorizontal: space.m },
});
