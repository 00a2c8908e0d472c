/** What has to be known before a first walk: a name, a region, a flock, and a few paced lengths. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { beginPlace } from '@/core/place/begin';
import type { Place } from '@/core/place/place';
import type { Region } from '@/core/tables/animals';
import type { Units } from '@/core/walk/length-entry';
import { newId } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { regionNames } from '@/words/names';
import { Field } from './Field';
import { defaults, readForm, type FormText } from './read-form';

export function BeginForm({ onBegin }: { readonly onBegin: (place: Place) => void }) {
  const [units, setUnits] = useState<Units>('metric');
  const [region, setRegion] = useState<Region>('gb');
  const [kind, setKind] = useState<Place['flock'][number]['kind']>('grown');
  const [nestLid, setNestLid] = useState(true);
  const [typed, setTyped] = useState<Partial<FormText>>({});
  const [trouble, setTrouble] = useState<string>();
  const text: FormText = { ...defaults[units], ...typed };
  const set = (field: keyof FormText) => (value: string) =>
    setTyped((before) => ({ ...before, [field]: value }));
  const begin = () => {
    const read = readForm(text, units);
    if ('sentence' in read) return setTrouble(read.sentence);
    const place = beginPlace({ ...read, id: newId('place'), units, region, kind, nestLid });
    if ('problem' in place) {
      return setTrouble(
        'The house leaves no run: it must be at least a gate’s width smaller than the run, both ways.',
      );
    }
    setTrouble(undefined);
    onBegin(place);
  };
  return (
    <View style={styles.form}>
      <Field label="Name of the place" value={text.name} onChange={set('name')} />
      <Choice
        label="Where it is"
        options={Object.entries(regionNames) as [Region, string][]}
        value={region}
        onChange={setRegion}
      />
      <Choice
        label="Units"
        options={[
          ['metric', 'metres and mm'],
          ['imperial', 'feet and inches'],
        ]}
        value={units}
        onChange={(next) => {
          setUnits(next);
          setTyped(({ name, birds }) => ({
            ...(name !== undefined && { name }),
            ...(birds !== undefined && { birds }),
          }));
        }}
      />
      <Choice
        label="Birds"
        options={[
          ['grown', 'hens'],
          ['bantam', 'bantams'],
          ['ducks', 'ducks'],
          ['chicks', 'chicks'],
        ]}
        value={kind}
        onChange={setKind}
      />
      <Field label="How many birds" value={text.birds} onChange={set('birds')} />
      <Field label="Run: along the gate’s side" value={text.runWidth} onChange={set('runWidth')} />
      <Field label="Run: away from the gate" value={text.runDepth} onChange={set('runDepth')} />
      <Field label="Run: height" value={text.runHeight} onChange={set('runHeight')} />
      <Field label="House: along its back" value={text.houseWidth} onChange={set('houseWidth')} />
      <Field label="House: front to back" value={text.houseDepth} onChange={set('houseDepth')} />
      <Choice
        label="Nest lid on the back of the house"
        options={[
          ['yes', 'yes'],
          ['no', 'no'],
        ]}
        value={nestLid ? 'yes' : 'no'}
        onChange={(value) => setNestLid(value === 'yes')}
      />
      {trouble && <Notice>{trouble}</Notice>}
      <Button label="Begin" onPress={begin} />
    </View>
  );
}

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly options: readonly (readonly [T, string])[];
  readonly value: T;
  readonly onChange: (value: T) => void;
}

function Choice<T extends string>({ label, options, value, onChange }: ChoiceProps<T>) {
  return (
    <View role="group" aria-label={label} style={styles.choice}>
      <Txt kind="strong">{label}</Txt>
      <View style={styles.wrap}>
        {options.map(([id, name]) => (
          <Button
            key={id}
            look="chip"
            label={name}
            selected={id === value}
            onPress={() => onChange(id)}
            style={styles.chip}
          />
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  form: { gap: space.l },
  choice: { gap: space.s },
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  chip: { minWidth: 96, paddingHorizontal: space.m },
});
