/** What a stop is made of and does not wear: one row, opened only where something of it is not so. */
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import type { Place } from '@/core/place/place';
import { attributeKey, type FoundPlace } from '@/core/records/apply-readings';
import type { StopRow } from '@/core/walk/stop-rows';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { sortOf } from '@/words/attributes';
import { stopText } from '@/words/screens/stop';
import { RowOfStop } from './RowOfStop';
import { rowStyles } from './row-styles';

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
      <View role="listitem" style={rowStyles.row}>
        <Pressable
          role="button"
          aria-expanded={open}
          aria-label={open ? stopText.closeMadeOf : stopText.openMadeOf}
          onPress={() => setOpen(!open)}
          style={rowStyles.touch}
        >
          <View style={rowStyles.words}>
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
          style={rowStyles.tick}
        />
      </View>
      {open &&
        rows.map((row) => (
          <RowOfStop
            key={row.question.id}
            place={place}
            row={row}
            letter={undefined}
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
