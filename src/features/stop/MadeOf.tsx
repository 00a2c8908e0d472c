/** What a stop is made of and does not wear: one row, opened only where something of it is not so. */
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import type { Place } from '@/core/place/place';
import { attributeKey, type FoundPlace } from '@/core/records/apply-readings';
import type { StopRow } from '@/core/walk/stop-rows';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { color, space, touch } from '@/ui/theme/tokens';
import { sortOf } from '@/words/attributes';
import { stopText } from '@/words/screens/stop';
import { RowOfStop } from './RowOfStop';

interface Props {
  readonly place: Place;
  readonly rows: readonly StopRow[];
  readonly provenance: FoundPlace['provenance'];
  readonly busy: boolean;
  readonly onRead: (row: StopRow) => void;
  readonly onTickAll: (rows: readonly StopRow[]) => void;
}

export function MadeOf({ place, rows, provenance, busy, onRead, onTickAll }: Props) {
  const [open, setOpen] = useState(false);
  const names = [...new Set(rows.flatMap(({ question }) => sortOf(question) ?? []))];
  const days = rows
    .flatMap(
      ({ question }) =>
        provenance.get(attributeKey(question.item, question.attribute))?.walk.date ?? [],
    )
    .sort();
  const name = stopText.madeOf(names);
  return (
    <>
      <View role="listitem" style={styles.row}>
        <Pressable
          role="button"
          aria-expanded={open}
          aria-label={open ? stopText.closeMadeOf : stopText.openMadeOf}
          onPress={() => setOpen(!open)}
          style={styles.touch}
        >
          <View style={styles.words}>
            <Txt>{name}</Txt>
            <Txt kind="small" tone="ink2">
              {stopText.readings(rows.length, days.at(-1))}
            </Txt>
          </View>
          <Txt kind="label">{stopText.asDrawn}</Txt>
        </Pressable>
        <Button
          look="chip"
          label="✓"
          says={stopText.lookedAt(name)}
          disabled={busy}
          onPress={() => onTickAll(rows)}
          style={styles.tick}
        />
      </View>
      {open &&
        rows.map((row) => (
          <RowOfStop
            key={row.question.id}
            place={place}
            row={row}
            number={undefined}
            quick={undefined}
            busy={busy}
            onRead={() => onRead(row)}
            onTick={() => onTickAll([row])}
            onQuick={() => undefined}
          />
        ))}
    </>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.s,
    paddingRight: space.l,
    minHeight: touch,
    backgroundColor: color.paper,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  touch: {
    flex: 1,
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    minHeight: touch,
    paddingLeft: space.l,
    paddingVertical: space.xs,
  },
  words: { flex: 1, minWidth: 0 },
  tick: { minWidth: 52, minHeight: 44, paddingHorizontal: space.s, marginVertical: space.xs },
});
