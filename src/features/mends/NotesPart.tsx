/** When it is due, who does it, and what it took beside what was reckoned. */
import { mendsText } from '@/words/screens/mends';
import { useState } from 'react';
import { isDay } from '@/core/schema/day';
import type { Planned } from '@/core/mends/shopping/planned-of';
import type { Mend } from '@/core/records/mend';
import type { Place } from '@/core/place/place';
import { amountFrom, centsFrom } from '@/features/edit/sum-entry';
import { editText } from '@/words/screens/edit';
import { useShopChanges, type MendNotes } from '@/store/use-shop-changes';
import { Button } from '@/ui/controls/Button';
import { Field } from '@/ui/controls/Field';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { dueWords } from '@/words/day-words';
import { notSavedWords } from '@/words/not-saved-words';
import { moneyWords, timeWords } from '@/words/plan-words';

interface Props {
  readonly place: Place;
  readonly mend: Mend;
  readonly planned: Planned | undefined;
  readonly today: string;
}

export function NotesPart({ place, mend, planned, today }: Props) {
  const [open, setOpen] = useState(false);
  const { due, who, spent } = mend;
  const { cents, minutes } = spent ?? {};
  return (
    <Part title={mendsText.whenWhoWhatItTakes}>
      {planned && <Txt>{mendsText.reckonedByTheMetre(place, planned.cents, planned.minutes)}</Txt>}
      {(cents !== undefined || minutes !== undefined) && (
        <Txt>
          {mendsText.spent(
            [
              cents === undefined ? undefined : moneyWords(place, cents),
              minutes === undefined ? undefined : timeWords(minutes),
            ]
              .filter((it) => it !== undefined)
              .join(', '),
          )}
        </Txt>
      )}
      {due !== undefined && (
        <Txt tone={due < today && mend.state !== 'held' ? 'open' : 'ink'}>
          {dueWords(due, today)}.
        </Txt>
      )}
      {who !== undefined && <Txt>{mendsText.by(who)}</Txt>}
      {open ? (
        <EditNotes key={mend.id} mend={mend} onDone={() => setOpen(false)} />
      ) : (
        <Button look="plain" label={mendsText.writeItDown} onPress={() => setOpen(true)} />
      )}
    </Part>
  );
}

function EditNotes({ mend, onDone }: { readonly mend: Mend; readonly onDone: () => void }) {
  const { noteMend } = useShopChanges();
  const [fields, setFields] = useState({
    due: mend.due ?? '',
    who: mend.who ?? '',
    money: mend.spent?.cents === undefined ? '' : String(mend.spent.cents / 100),
    minutes: mend.spent?.minutes === undefined ? '' : String(mend.spent.minutes),
  });
  const [trouble, setTrouble] = useState<string>();
  const set = (name: keyof typeof fields) => (text: string) =>
    setFields((before) => ({ ...before, [name]: text }));
  const keep = () => {
    const notes = notesFrom(fields);
    if (typeof notes === 'string') {
      setTrouble(notes);
      return;
    }
    noteMend(mend.id, notes).then(onDone, (error: unknown) => setTrouble(notSavedWords(error)));
  };
  return (
    <>
      <Field label={mendsText.dueDay} value={fields.due} onChange={set('due')} />
      <Field label={mendsText.whoDoesIt} value={fields.who} onChange={set('who')} />
      <Field label={mendsText.moneySpent} value={fields.money} onChange={set('money')} />
      <Field
        label={mendsText.minutesSpent}
        value={fields.minutes}
        onChange={set('minutes')}
        numeric
      />
      {trouble !== undefined && <Notice>{trouble}</Notice>}
      <Button label={mendsText.keepIt} onPress={keep} />
      <Button look="plain" label={mendsText.leaveItAsItWas} onPress={onDone} />
    </>
  );
}

/** A sentence where something cannot be read. */
function notesFrom(
  fields: Readonly<Record<'due' | 'who' | 'money' | 'minutes', string>>,
): MendNotes | string {
  const due = fields.due.trim();
  if (due !== '' && !isDay(due)) return mendsText.isNoDayWriteIt(due);
  const [cents, minutes] = [centsFrom(fields.money), amountFrom(fields.minutes)];
  const isSaid = (text: string): boolean => text.trim() !== '';
  if (isSaid(fields.money) && cents === undefined) {
    return mendsText.isNoSum(fields.money, editText.wrongSum);
  }
  if (isSaid(fields.minutes) && minutes === undefined) {
    return mendsText.areNoMinutesWriteThem(fields.minutes);
  }
  const who = fields.who.trim().slice(0, 80);
  return {
    due: due === '' ? undefined : due,
    who: who === '' ? undefined : who,
    spent: {
      ...(cents !== undefined && { cents }),
      ...(minutes !== undefined && { minutes }),
    },
  };
}
