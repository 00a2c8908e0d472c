/** One more zone, built against a side of one that is there. */
import { zoneText } from '@/words/screens/zone';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { addZone, type NewZone } from '@/core/place/edit/zones';
import { zoneKinds, type Place, type ZoneKind } from '@/core/place/place';
import { LengthField } from '@/features/edit/LengthField';
import { useEdit } from '@/features/edit/use-edit';
import type { Yard } from '@/store/records';
import { newId } from '@/store/ids';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { Field } from '@/ui/controls/Field';
import { Notice } from '@/ui/controls/Notice';
import { Picker } from '@/ui/controls/Picker';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { zoneKindNames } from '@/words/edit-words';

type Sizes = Required<Pick<NewZone, 'width' | 'depth' | 'height' | 'base'>>;

/** What a zone of a kind usually measures, mm (assumptions of ours, to be set right). */
const usual: Readonly<Record<ZoneKind, Sizes>> = {
  run: { width: 3000, depth: 2400, height: 1800, base: 0 },
  house: { width: 1500, depth: 1200, height: 1200, base: 0 },
  'nest-box': { width: 900, depth: 350, height: 400, base: 500 },
  'under-house': { width: 1500, depth: 1200, height: 600, base: 0 },
};

const largest = 100_000;

export function NewZoneScreen({ yard: { place } }: { readonly yard: Yard }) {
  const router = useRouter();
  const edit = useEdit();
  const [kind, setKind] = useState<ZoneKind>('run');
  const [name, setName] = useState<string>();
  const [against, setAgainst] = useState(sidesOf(place)[0]?.[0] ?? '');
  const [within, setWithin] = useState(false);
  const [sizes, setSizes] = useState<Partial<Sizes>>({});
  const size = { ...usual[kind], ...sizes };
  const called = name ?? freeName(place, kind);
  const add = () => {
    const trimmed = called.trim();
    if (trimmed === '' || trimmed.length > 80) {
      return edit.setTrouble(zoneText.giveItANameUp);
    }
    const made: NewZone = { kind, name: trimmed, against, within, ...size };
    edit.change({ kind: 'adding', of: trimmed }, (it) => addZone(it, made, newId));
    return router.replace('/place');
  };
  const field = (label: string, key: keyof Sizes) => (
    <LengthField
      key={`${kind} ${key}`}
      label={label}
      mm={size[key]}
      units={place.units}
      longest={largest}
      onChange={({ mm }) => setSizes((now) => ({ ...now, [key]: mm }))}
    />
  );
  return (
    <Screen>
      <View style={styles.page}>
        <BackLink href="/place" name={zoneText.place} />
        <Txt kind="title">{zoneText.somethingMore}</Txt>
        {edit.trouble && <Notice>{edit.trouble}</Notice>}
        <Choice
          label={zoneText.itIsA}
          options={zoneKinds.map((it) => [it, zoneKindNames[it]] as const)}
          value={kind}
          onChange={(next) => {
            setKind(next);
            setSizes({});
          }}
        />
        <Field label={zoneText.whatYouCallIt} value={called} onChange={setName} />
        <Picker
          label={zoneText.builtAgainst}
          options={sidesOf(place)}
          value={against}
          none={zoneText.nothing}
          onChange={setAgainst}
        />
        <Choice
          label={zoneText.whichStands}
          options={[
            ['beyond', zoneText.beyondThatSide],
            ['within', zoneText.withinIt],
          ]}
          value={within ? 'within' : 'beyond'}
          onChange={(it) => setWithin(it === 'within')}
        />
        {field(zoneText.alongThatSide, 'width')}
        {field(zoneText.awayFromIt, 'depth')}
        {field(zoneText.heightOfItsWalls, 'height')}
        {(kind === 'house' || kind === 'nest-box') &&
          field(zoneText.itsFloorAboveTheGround, 'base')}
        <Txt tone="ink2">{zoneText.itStandsInTheMiddle}</Txt>
        <Button label={zoneText.addIt} onPress={add} />
      </View>
    </Screen>
  );
}

function sidesOf({ zones }: Place): [string, string][] {
  return zones.flatMap((zone) =>
    zone.outline.sides.map((side): [string, string] => [
      side.id,
      side.name.startsWith(zone.name) ? side.name : `${zone.name}, ${side.name}`,
    ]),
  );
}

function freeName({ zones }: Place, kind: ZoneKind): string {
  const stem = zoneKindNames[kind];
  const taken = zones.filter(({ name }) => name.startsWith(stem)).length;
  return taken === 0 ? stem : `${stem} ${taken + 1}`;
}

const styles = StyleSheet.create({ page: { padding: space.l, gap: space.l } });
