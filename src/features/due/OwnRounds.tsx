/** Rounds of the keeper's own: what, how often, from when. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { OwnRound } from '@/core/records/due-said';
import type { LogEntry } from '@/core/records/sighting';
import { DayField } from '@/features/edit/DayField';
import { NumberField } from '@/features/edit/NumberField';
import { TextField } from '@/features/edit/TextField';
import type { Edit } from '@/features/edit/use-edit';
import { useChanges } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { EntryRow } from '@/ui/controls/EntryRow';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { everyWords } from '@/words/due-words';
import { notSavedWords } from '@/words/not-saved-words';
import { dueText } from '@/words/screens/due';

interface Props {
  readonly log: readonly LogEntry[];
  readonly today: string;
  readonly edit: Edit;
}

export function OwnRounds({ log, today, edit }: Props) {
  const { removeEntry } = useChanges();
  const [isAdding, setAdding] = useState(false);
  const rounds = log.filter((it): it is OwnRound => it.what === 'own-round');
  return (
    <Part title={dueText.own}>
      {rounds.map(({ id, name, every }) => (
        <EntryRow
          key={id}
          acts={[
            {
              label: dueText.ownTakeOut,
              says: dueText.ownTakeItOut(name),
              onPress: () =>
                void removeEntry(id).catch((error: unknown) =>
                  edit.setTrouble(notSavedWords(error)),
                ),
            },
          ]}
        >
          <Txt kind="strong">{name}</Txt>
          <Txt tone="ink2">{everyWords(every)}</Txt>
        </EntryRow>
      ))}
      {isAdding ? (
        <AddRound today={today} edit={edit} onDone={() => setAdding(false)} />
      ) : (
        <Button look="plain" label={dueText.ownAdd} onPress={() => setAdding(true)} />
      )}
    </Part>
  );
}

interface AddProps {
  readonly today: string;
  readonly edit: Edit;
  readonly onDone: () => void;
}

const longest = 3660;

function AddRound({ today, edit, onDone }: AddProps) {
  const { logEntry } = useChanges();
  const [name, setName] = useState<string>();
  const [every, setEvery] = useState<number>();
  const [first, setFirst] = useState<string | undefined>(today);
  const [isRefused, setRefused] = useState(false);
  const keep = () => {
    const said = name?.trim();
    if (!said || every === undefined) {
      setRefused(true);
      return;
    }
    logEntry('what-falls-due', { date: first ?? today, what: 'own-round', name: said, every }).then(
      onDone,
      (error: unknown) => edit.setTrouble(notSavedWords(error)),
    );
  };
  return (
    <View style={styles.form}>
      <TextField label={dueText.ownName} text={name ?? ''} most={80} onChange={setName} />
      <NumberField
        label={dueText.ownEvery}
        value={every}
        least={1}
        most={longest}
        whole
        onChange={setEvery}
      />
      <DayField label={dueText.ownFirst} day={first} onChange={setFirst} />
      {isRefused && <Notice>{dueText.ownIncomplete}</Notice>}
      <Button label={dueText.ownKeep} onPress={keep} />
      <Button look="plain" label={dueText.notNow} onPress={onDone} />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: space.m } });
