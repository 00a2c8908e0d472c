/** Nights away: who covers which doors, what those nights hold, and what would make them as good as a night at home. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { awayAhead } from '@/core/nights/away';
import { keeperOf, namesOf } from '@/core/nights/missed-chance';
import { roundOn } from '@/core/nights/round-cases';
import { doorsOfRound } from '@/core/nights/shutters';
import type { Place } from '@/core/place/place';
import type { Away } from '@/core/records/spells';
import { tonightBy } from '@/core/score/tonight';
import { DayField } from '@/features/edit/DayField';
import { TextField } from '@/features/edit/TextField';
import type { Edit } from '@/features/edit/use-edit';
import { useAllScenarios } from '@/features/look/use-all-scenarios';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { CheckRow } from '@/ui/controls/CheckRow';
import { Choice } from '@/ui/controls/Choice';
import { EntryRow } from '@/ui/controls/EntryRow';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { capital } from '@/words/names';
import { notSavedWords } from '@/words/not-saved-words';
import { nightsText } from '@/words/screens/nights';

interface Props {
  readonly yard: Yard;
  /** As found. */
  readonly place: Place;
  readonly tonight: string;
  readonly edit: Edit;
}

export function AwayPart({ yard, place, tonight, edit }: Props) {
  const { removeEntry } = useChanges();
  const [isAdding, setAdding] = useState(false);
  const ahead = awayAhead(yard.sightings, tonight);
  return (
    <Part title={nightsText.away}>
      {ahead.length === 0 && <Txt tone="ink2">{nightsText.noneAway}</Txt>}
      <View>
        {ahead.map((it) => {
          const words = nightsText.awayIs(place, it);
          return (
            <EntryRow
              key={it.id}
              acts={[
                {
                  label: nightsText.takeOut,
                  says: nightsText.takeItOut(words),
                  onPress: () =>
                    void removeEntry(it.id).catch((error: unknown) =>
                      edit.setTrouble(notSavedWords(error)),
                    ),
                },
              ]}
            >
              <Txt kind="strong">{words}</Txt>
              <HoldOf yard={yard} place={place} away={it} />
            </EntryRow>
          );
        })}
      </View>
      {isAdding ? (
        <AddAway yard={yard} place={place} edit={edit} onDone={() => setAdding(false)} />
      ) : (
        <Button look="plain" label={nightsText.addAway} onPress={() => setAdding(true)} />
      )}
    </Part>
  );
}

/** What the first of those nights holds, and what would be had with every door shut. */
function HoldOf({
  yard,
  place,
  away,
}: {
  readonly yard: Yard;
  readonly place: Place;
  readonly away: Away;
}) {
  const all = useAllScenarios(yard, away.date);
  if (!all) return null;
  const round = roundOn(place, yard.sightings, away.date);
  const { hold } = tonightBy(all, round);
  return (
    <>
      <Txt>{nightsText.awayHold(hold)}</Txt>
      {round.missed > enough && (
        <Txt tone="ink2">
          {nightsText.asTonight(all['night-shut'].hold)} {nightsText.wouldHelp}
        </Txt>
      )}
    </>
  );
}

/** Missed oftener than this, a night away is worth a word more. */
const enough = 0.05;

interface AddProps {
  readonly yard: Yard;
  readonly place: Place;
  readonly edit: Edit;
  readonly onDone: () => void;
}

function AddAway({ yard, place, edit, onDone }: AddProps) {
  const { logEntry } = useChanges();
  const [first, setFirst] = useState<string>();
  const [last, setLast] = useState<string>();
  const [covers, setCovers] = useState<string>(none);
  const [isOther, setOther] = useState(false);
  const [doors, setDoors] = useState<readonly string[]>();
  const round = doorsOfRound(place);
  const names = namesOf(place, yard.sightings).filter((it) => it !== '' && it !== keeperOf(place));
  const shown = covers === none || names.includes(covers) ? names : [...names, covers];
  const write = () => {
    const until = last ?? first;
    if (first === undefined || until === undefined || until < first) {
      edit.setTrouble(nightsText.sayDays);
      return;
    }
    edit.setTrouble(undefined);
    logEntry('nights-away', {
      what: 'away',
      date: first,
      until,
      ...(covers !== none && { covers }),
      ...(covers !== none && doors && { doors }),
    }).then(onDone, (error: unknown) => edit.setTrouble(notSavedWords(error)));
  };
  const toggle = (id: string) => {
    const now = doors ?? round.map((door) => door.id);
    const next = now.includes(id) ? now.filter((it) => it !== id) : [...now, id];
    setDoors(next.length === round.length ? undefined : next);
  };
  return (
    <View style={styles.form}>
      <DayField label={nightsText.firstNight} day={first} onChange={setFirst} />
      <DayField label={nightsText.lastNight} day={last} onChange={setLast} />
      <Choice
        label={nightsText.whoCovers}
        options={[
          [none, nightsText.nobody] as const,
          ...shown.map((it) => [it, it] as const),
          [other, nightsText.somebodyElse] as const,
        ]}
        value={isOther ? other : covers}
        onChange={(it) => {
          setOther(it === other);
          if (it !== other) setCovers(it);
        }}
      />
      {isOther && (
        <TextField
          label={nightsText.theirName}
          text=""
          most={80}
          optional
          onChange={(name) => {
            if (name.trim() === '') return;
            setOther(false);
            setCovers(name.trim());
          }}
        />
      )}
      {covers !== none && round.length > 1 && (
        <View role="group" aria-label={nightsText.whichDoors}>
          {round.map((door) => (
            <CheckRow
              key={door.id}
              says={capital(door.name)}
              checked={doors?.includes(door.id) ?? true}
              onPress={() => toggle(door.id)}
              isChoice
            >
              <Txt>{capital(door.name)}</Txt>
            </CheckRow>
          ))}
        </View>
      )}
      <Button label={nightsText.keepAway} onPress={write} />
    </View>
  );
}

/** No name of anybody. */
const none = '\u0000none';
const other = '\u0000other';

const styles = StyleSheet.create({ form: { gap: space.m } });
