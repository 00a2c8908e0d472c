/** Every mend in the order asked for, with how far it is: what was planned, bought, done, and holds, at one look. */
import { mendsText } from '@/words/screens/mends';
import { Link } from 'expo-router';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { mendStates } from '@/core/records/mend';
import type { Place } from '@/core/place/place';
import { MendTrack, stationAt } from '@/ui/drawings/MendTrack';
import { Chips } from '@/ui/controls/Chips';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { dueWords } from '@/words/day-words';
import { mendName, mendStateWords, mendStationNames } from '@/words/mend-words';
import { moneyWords, timeWords, whereWords } from '@/words/plan-words';
import { isThoughtOf, type ListedMend } from './filters';
import { sortedBy, type MendOrder } from './sorted';

interface Props {
  readonly place: Place;
  readonly listed: readonly ListedMend[];
  readonly today: string;
}

const trackWidth = 360;
const stationWidth = 72;

const orders: readonly (readonly [MendOrder, string])[] = [
  ['lap', mendsText.byLap],
  ['planned', mendsText.byPlan],
  ['state', mendsText.byState],
  ['money', mendsText.byMoney],
  ['work', mendsText.byWork],
  ['due', mendsText.byDue],
];

export function MendTable({ place, listed, today }: Props) {
  const [order, setOrder] = useState<MendOrder>('lap');
  if (listed.length === 0) return null;
  return (
    <View role="group" aria-label={mendsText.mendsInOrder} style={styles.table}>
      {listed.length > 1 && (
        <View role="group" aria-label={mendsText.inTheOrderOf} style={styles.orders}>
          <Txt kind="label" tone="ink2">
            {mendsText.inTheOrderOf}
          </Txt>
          <Chips narrow options={orders} value={order} onChoose={setOrder} />
        </View>
      )}
      <View style={styles.row}>
        <Txt kind="label" tone="ink2" style={styles.what}>
          {mendsText.whatAndWhere}
        </Txt>
        <View style={styles.stations}>
          {mendStates.map((state, at) => (
            <View
              key={state}
              style={[styles.station, { left: stationAt(at, trackWidth) - stationWidth / 2 }]}
            >
              <Txt kind="small" tone="ink2">
                {mendStationNames[state]}
              </Txt>
            </View>
          ))}
        </View>
        <Txt kind="label" tone="ink2" style={styles.takes}>
          {mendsText.reckonedAndSpent}
        </Txt>
      </View>
      {sortedBy(listed, order).map((it) => (
        <Row key={it.mend.id} place={place} today={today} {...it} />
      ))}
    </View>
  );
}

function Row({ place, today, mend, planned }: ListedMend & Omit<Props, 'listed'>) {
  const { spent = {} } = mend;
  const said = [
    spent.cents === undefined ? undefined : moneyWords(place, spent.cents),
    spent.minutes === undefined ? undefined : timeWords(spent.minutes),
  ].filter((it) => it !== undefined);
  return (
    <Link href={{ pathname: '/mends/[id]', params: { id: mend.id } }} asChild>
      <Pressable
        aria-label={`${mendName(mend)}, ${mendStateWords[mend.state]}, ${whereWords(place, mend)}`}
        style={StyleSheet.flatten(styles.row)}
      >
        <View style={styles.what}>
          <Txt kind="strong">{mendName(mend)}</Txt>
          <Txt kind="small" tone="ink2">
            {mendsText.againstAt(place, mend, isThoughtOf(mend))}
          </Txt>
          {(mend.who !== undefined || (mend.due !== undefined && mend.state !== 'held')) && (
            <Txt kind="small" tone={mend.due !== undefined && mend.due < today ? 'open' : 'ink2'}>
              {[
                mend.due !== undefined && mend.state !== 'held'
                  ? dueWords(mend.due, today)
                  : undefined,
                mend.who,
              ]
                .filter((it) => it !== undefined)
                .join('; ')}
            </Txt>
          )}
        </View>
        <MendTrack
          state={mend.state}
          width={trackWidth}
          says={isThoughtOf(mend) ? mendsText.notPlanned : mendStateWords[mend.state]}
          isThoughtOf={isThoughtOf(mend)}
        />
        <View style={styles.takes}>
          {planned && (
            <Txt kind="small">
              {moneyWords(place, planned.cents)}, {timeWords(planned.minutes)}
            </Txt>
          )}
          {said.length > 0 && (
            <Txt kind="small" tone="ink2">
              {mendsText.spentOf(said.join(', '))}
            </Txt>
          )}
        </View>
      </Pressable>
    </Link>
  );
}

const styles = StyleSheet.create({
  table: { backgroundColor: color.paper, paddingHorizontal: space.l, paddingVertical: space.m },
  orders: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.m },
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.l,
    minHeight: 56,
    paddingVertical: space.s,
    borderBottomWidth: 1,
    borderBottomColor: color.hairline,
  },
  what: { flex: 1, minWidth: 0 },
  stations: { width: trackWidth, height: 24 },
  station: { position: 'absolute', top: 0, width: stationWidth, alignItems: 'center' },
  takes: { width: 170 },
});
