/** The line bay by bay: volts, what reaches a nose, what touches; of the one chosen, a reading can be typed in. */
import { Pressable, StyleSheet, View } from 'react-native';
import type { FenceView } from '@/core/fence/fence-view';
import type { ViewedBay } from '@/core/fence/viewed-bay';
import type { BayId, Place } from '@/core/place/place';
import { NumberField } from '@/features/edit/NumberField';
import type { Edit } from '@/features/edit/use-edit';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { color, space, touch } from '@/ui/theme/tokens';
import { kv } from '@/words/fence-words';
import { capital, touchingNames } from '@/words/names';
import { fenceText } from '@/words/screens/fence';
import { measured } from './measured';

interface Props {
  readonly place: Place;
  readonly view: FenceView;
  readonly selected: BayId | undefined;
  readonly onSelect: (bay: BayId | undefined) => void;
  readonly edit: Edit;
}

export function BaysPart({ view, selected, onSelect, edit }: Props) {
  return (
    <Part title={fenceText.bays}>
      <View role="list" style={styles.rows}>
        {view.bays.map((it) => {
          const isChosen = it.bay.id === selected;
          return (
            <View key={it.bay.id} role="listitem" style={styles.row}>
              <Pressable
                role="button"
                aria-label={fenceText.bayVolts(it.bay.name, kv(it.volts))}
                aria-expanded={isChosen}
                onPress={() => onSelect(isChosen ? undefined : it.bay.id)}
                style={styles.touch}
              >
                <Txt kind="strong">{capital(it.bay.name)}</Txt>
                <Txt tone={it.reaching < view.needed ? 'hours' : 'ink2'}>
                  {fenceText.bayLine(it, view.needed)}
                </Txt>
                {it.touched !== undefined && it.touched !== 'nothing' && (
                  <Txt tone="hours">{fenceText.touches(touchingNames[it.touched][0])}</Txt>
                )}
              </Pressable>
              {isChosen && <ReadHere it={it} edit={edit} />}
            </View>
          );
        })}
      </View>
    </Part>
  );
}

function ReadHere({ it, edit }: { readonly it: ViewedBay; readonly edit: Edit }) {
  const { bay } = it;
  const [wire] = bay.strands;
  return (
    <View style={styles.open}>
      {wire && (
        <NumberField
          label={fenceText.readHere(bay.name)}
          value={it.isRead ? Math.round(it.volts * 10) / 10 : undefined}
          least={0}
          most={15}
          onChange={(volts) =>
            volts !== undefined &&
            edit.say('volts-on-the-line', measured(wire.id, 'strand.volts', volts), 'measured')
          }
        />
      )}
      <LinkRow
        href={{ pathname: '/bay/[bay]', params: { bay: bay.id } }}
        says={fenceText.allOf(bay.name)}
      >
        <Txt kind="strong" tone="holds">
          {fenceText.allOf(bay.name)}
        </Txt>
      </LinkRow>
    </View>
  );
}

const styles = StyleSheet.create({
  rows: { marginHorizontal: -space.l },
  row: { borderTopWidth: 1, borderTopColor: color.hairline },
  touch: { minHeight: touch, paddingVertical: space.s, paddingHorizontal: space.l, gap: 2 },
  open: { paddingBottom: space.m, paddingHorizontal: space.l, gap: space.s },
});
