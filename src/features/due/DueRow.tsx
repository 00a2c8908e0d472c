/** One thing that falls due: what, why, when; it leads to where it is done, and is put off with a reason. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Place } from '@/core/place/place';
import { putOffReasons, type PutOffReason } from '@/core/records/due-said';
import { isDueNow, type Due } from '@/core/rounds/due';
import { daysLater } from '@/core/schema/day';
import type { AnimalId } from '@/core/tables/animals';
import type { Edit } from '@/features/edit/use-edit';
import { useChanges, type NewEntry } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { dueLine, dueName, putOffNames } from '@/words/due-words';
import { notSavedWords } from '@/words/not-saved-words';
import { dueText } from '@/words/screens/due';
import { hrefOf, isDoneBySaying } from './href-of';

interface Props {
  readonly due: Due;
  readonly place: Place;
  readonly today: string;
  readonly edit: Edit;
  /** For whom there would be a way in, if it is not done. */
  readonly letsIn?: readonly AnimalId[] | undefined;
}

export function DueRow({ due, place, today, edit, letsIn = [] }: Props) {
  const { logEntry } = useChanges();
  const [isPuttingOff, setPuttingOff] = useState(false);
  const [name, why] = dueName(place, due);
  const href = hrefOf(due.of);
  const isNow = isDueNow(due, today);
  const keep = (entry: NewEntry) =>
    logEntry('what-falls-due', entry).then(
      () => setPuttingOff(false),
      (error: unknown) => edit.setTrouble(notSavedWords(error)),
    );
  const words = (
    <>
      <Txt kind="strong" tone={isNow ? 'hours' : 'ink'}>
        {name}
      </Txt>
      <Txt tone="ink2">{why}</Txt>
      {letsIn.length > 0 && <Txt tone="open">{dueText.letsIn(letsIn)}</Txt>}
      <Txt kind="small" tone="ink2">
        {dueLine(due, today)}
      </Txt>
    </>
  );
  return (
    <View role="listitem">
      {href ? (
        <LinkRow href={href} says={name}>
          {words}
        </LinkRow>
      ) : (
        <View style={styles.plain}>{words}</View>
      )}
      {(isNow || isDoneBySaying(due.of)) && (
        <View style={styles.acts}>
          {isDoneBySaying(due.of) && (
            <Button
              look="key"
              style={styles.act}
              label={dueText.done}
              says={dueText.doneIt(name)}
              onPress={() => void keep({ date: today, what: 'due-done', due: due.id })}
            />
          )}
          {isNow && !isPuttingOff && (
            <Button
              look="key"
              style={styles.act}
              label={dueText.putOff}
              says={dueText.putOffIt(name)}
              onPress={() => setPuttingOff(true)}
            />
          )}
        </View>
      )}
      {isPuttingOff && (
        <PuttingOff
          today={today}
          onKeep={(to, reason) =>
            void keep({ date: today, what: 'due-put-off', due: due.id, to, why: reason })
          }
          onLeave={() => setPuttingOff(false)}
        />
      )}
    </View>
  );
}

const spans = [
  ['1', dueText.tomorrow],
  ['7', dueText.aWeek],
  ['30', dueText.aMonth],
] as const;

interface PuttingOffProps {
  readonly today: string;
  readonly onKeep: (to: string, why: PutOffReason) => void;
  readonly onLeave: () => void;
}

function PuttingOff({ today, onKeep, onLeave }: PuttingOffProps) {
  const [days, setDays] = useState<(typeof spans)[number][0]>('7');
  const [why, setWhy] = useState<PutOffReason>();
  return (
    <View style={styles.form}>
      <Choice label={dueText.until} options={spans} value={days} onChange={setDays} />
      <Choice
        label={dueText.why}
        options={putOffReasons.map((it) => [it, putOffNames[it]] as const)}
        value={why}
        onChange={setWhy}
      />
      <View style={styles.row}>
        {why && (
          <Button
            label={dueText.keep}
            onPress={() => onKeep(daysLater(today, Number(days)), why)}
          />
        )}
        <Button look="plain" label={dueText.notNow} onPress={onLeave} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  plain: {
    paddingVertical: space.m,
    paddingHorizontal: space.l,
    gap: 2,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  acts: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: space.s,
    paddingHorizontal: space.l,
    paddingBottom: space.m,
  },
  act: { paddingHorizontal: space.m },
  form: { gap: space.m, paddingHorizontal: space.l, paddingBottom: space.l },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
