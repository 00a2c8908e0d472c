/** What was guessed of a table, beside its first rows; every guess can be changed. */
import { StyleSheet, View } from 'react-native';
import { dateForms } from '@/core/devices/read-instant';
import {
  guessedColumns,
  type Columns,
  type Reading,
  type VoltsIn,
} from '@/core/devices/read-table';
import { deviceKinds } from '@/core/place/device';
import { Choice } from '@/ui/controls/Choice';
import { Picker } from '@/ui/controls/Picker';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { devicesText } from '@/words/screens/devices';

export type Zone = 'local' | 'utc';

interface Props {
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly reading: Reading;
  readonly zone: Zone;
  readonly onReading: (reading: Reading) => void;
  readonly onZone: (zone: Zone) => void;
}

/** As many rows show what is in each column. */
const shown = 3;
const voltsIn: readonly VoltsIn[] = ['V', 'kV'];

export function GuessPart({ head, rows, reading, zone, onReading, onZone }: Props) {
  const { kind, columns, form } = reading;
  const named = head.map((name, index) => [String(index), name] as const);
  const withNone = [['none', devicesText.noColumn] as const, ...named];
  const setColumn = (column: keyof Columns, told: string) => {
    const { [column]: _, ...others } = columns;
    const next = told === 'none' ? others : { ...others, [column]: Number(told) };
    onReading({ ...reading, columns: next as Columns });
  };
  return (
    <View style={styles.box}>
      <View style={styles.rows}>
        {[head, ...rows.slice(0, shown)].map((row, index) => (
          <Txt key={index} kind={index === 0 ? 'label' : 'small'}>
            {row.join(' · ')}
          </Txt>
        ))}
      </View>
      <Choice
        label={devicesText.itIsOf}
        options={deviceKinds.map((it) => [it, devicesText.kindName(it)] as const)}
        value={kind}
        onChange={(next) =>
          onReading(guessedColumns(head, rows, next) ?? { ...reading, kind: next })
        }
      />
      {(['at', 'time', 'value', 'more'] as const).map((column) => (
        <Picker
          key={column}
          label={devicesText.column(column)}
          options={column === 'at' || column === 'value' ? named : withNone}
          value={columns[column] === undefined ? 'none' : String(columns[column])}
          none={devicesText.noColumn}
          onChange={(told) => setColumn(column, told)}
        />
      ))}
      <Picker
        label={devicesText.dateForm}
        options={dateForms.map((it) => [it, devicesText.formName(it)] as const)}
        value={form}
        none=""
        onChange={(next) => onReading({ ...reading, form: next })}
      />
      <Choice
        label={devicesText.zone}
        options={(['local', 'utc'] as const).map((it) => [it, devicesText.zoneName(it)] as const)}
        value={zone}
        onChange={onZone}
      />
      {kind === 'fence-monitor' && (
        <Choice
          label={devicesText.voltsIn}
          options={voltsIn.map((it) => [it, it] as const)}
          value={reading.voltsIn}
          onChange={(next) => onReading({ ...reading, voltsIn: next })}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: space.m },
  rows: { backgroundColor: color.field, padding: space.s, gap: space.xs },
});
