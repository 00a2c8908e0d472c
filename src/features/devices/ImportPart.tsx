/** Readings from a file: what is guessed of it is shown and can be changed, then it is taken in as one step. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { byUtc } from '@/core/devices/read-instant';
import { readRows, type ReadRows, type Reading } from '@/core/devices/read-table';
import type { DeviceKind } from '@/core/place/device';
import type { Place } from '@/core/place/place';
import type { Edit } from '@/features/edit/use-edit';
import { now } from '@/store/ids';
import { byLocalClock } from '@/store/local-clock';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { notSavedWords } from '@/words/not-saved-words';
import { devicesText } from '@/words/screens/devices';
import { GuessPart, type Zone } from './GuessPart';
import { readFile, type GivenFile, type GivenTable } from './read-file';
import { TakeIn } from './TakeIn';

interface Props {
  /** As found. */
  readonly place: Place;
  readonly edit: Edit;
}

export function ImportPart({ place, edit }: Props) {
  const [given, setGiven] = useState<GivenFile>();
  const [trouble, setTrouble] = useState<string>();
  const [taken, setTaken] = useState<number>();
  const ask = () => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = '.csv,.txt,.json,text/csv,application/json';
    input.onchange = () => {
      const [file] = input.files ?? [];
      if (!file) return;
      setTaken(undefined);
      setTrouble(undefined);
      readFile(file).then(setGiven, (error: unknown) => setTrouble(notSavedWords(error)));
    };
    input.click();
  };
  const onTaken = (records: number) => {
    setGiven(undefined);
    setTaken(records);
  };
  const shared = { place, edit, onTaken, onLeave: () => setGiven(undefined) };
  return (
    <Part title={devicesText.fromAFile}>
      <Txt tone="ink2">{devicesText.fileWhy}</Txt>
      {trouble && <Notice>{trouble}</Notice>}
      {given && 'problem' in given && <Notice>{problemWords(given.problem)}</Notice>}
      {given && 'table' in given && <TableGiven table={given.table} {...shared} />}
      {given && 'document' in given && (
        <TakeIn
          kind={given.document.device.kind}
          name={given.document.device.name}
          read={given.document}
          {...shared}
        />
      )}
      {taken !== undefined && (
        <View role="status">
          <Txt>{devicesText.taken(taken)}</Txt>
        </View>
      )}
      <Button look="plain" label={devicesText.chooseAFile} onPress={ask} />
    </Part>
  );
}

function problemWords(problem: Extract<GivenFile, { problem: unknown }>['problem']): string {
  if (problem === 'too-large') return devicesText.tooLarge;
  return problem === 'no-table' ? devicesText.noTable : devicesText.documentProblem(problem);
}

interface TableProps extends Props {
  readonly table: GivenTable;
  readonly onTaken: (records: number) => void;
  readonly onLeave: () => void;
}

function TableGiven({ table: { head, rows, reading: guess }, ...shared }: TableProps) {
  const [reading, setReading] = useState<Reading>(guess);
  const [zone, setZone] = useState<Zone>('local');
  const toUtc = zone === 'utc' ? byUtc : byLocalClock;
  const read: ReadRows = readRows({ rows, reading, place: shared.place, toUtc, now: now() });
  const kind: DeviceKind = reading.kind;
  return (
    <View style={styles.box}>
      <GuessPart
        head={head}
        rows={rows}
        reading={reading}
        zone={zone}
        onReading={setReading}
        onZone={setZone}
      />
      <TakeIn kind={kind} name={devicesText.kindName(kind)} read={read} {...shared} />
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: space.m } });
