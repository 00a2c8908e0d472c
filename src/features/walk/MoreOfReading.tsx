/** What can be said beside a reading: how it was taken, a note, a photo; and putting the stop off. One opens at a time. */
import { walkText } from '@/words/screens/walk';
import { useState } from 'react';
import { Image, StyleSheet, TextInput, View } from 'react-native';
import type { Place } from '@/core/place/place';
import { readingMethods, type PutOff, type ReadingMethod } from '@/core/records/walk';
import { gaugeIds, gauges } from '@/core/tables/gauges';
import { bandOf } from '@/core/tables/figure';
import type { Question } from '@/core/walk/questions';
import { usePhotos } from '@/features/photos/use-photos';
import { Button } from '@/ui/controls/Button';
import { Chips } from '@/ui/controls/Chips';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { color, font, space } from '@/ui/theme/tokens';
import { lengthFigure } from '@/words/length-words';
import { gaugeNames, methodNames } from '@/words/names';

interface Props {
  readonly place: Place;
  readonly question: Question;
  readonly how: ReadingMethod;
  readonly setHow: (how: ReadingMethod) => void;
  readonly note: string;
  readonly setNote: (note: string) => void;
  /** Types a range for the keeper; absent where the reading is no length. */
  readonly setText: ((text: string) => void) | undefined;
  /** Absent where there is no walk to put a stop off in. */
  readonly onPutOff: ((to: PutOff['to']) => void) | undefined;
  /** Takes the last reading back; absent where there is none of this tab. */
  readonly onUndo: (() => void) | undefined;
}

type Open = 'how' | 'note' | 'photo' | 'put-off';

export function MoreOfReading(props: Props) {
  const { how, note, onPutOff, onUndo } = props;
  const [open, setOpen] = useState<Open>();
  const key = (id: Open, label: string, says: string) => (
    <Button
      look="chip"
      label={label}
      says={says}
      selected={open === id}
      onPress={() => setOpen(open === id ? undefined : id)}
      style={styles.key}
    />
  );
  return (
    <View style={styles.all}>
      <View style={styles.row}>
        {key('how', methodNames[how], walkText.howItWasTaken(methodNames[how]))}
        {key('note', note === '' ? 'note' : 'note ✓', walkText.note)}
        {key('photo', 'photo', walkText.photo)}
        {onPutOff && key('put-off', walkText.putOff, walkText.putThisStopOff)}
        {onUndo && (
          <Button
            look="chip"
            label={walkText.undo}
            says={walkText.undoTheLastReading}
            onPress={onUndo}
            style={styles.key}
          />
        )}
      </View>
      <View key={open} ref={open && intoView}>
        <Opened {...props} open={open} />
      </View>
    </View>
  );
}

/** What opens under the keys lies below the fold of a phone. */
function intoView(it: unknown): void {
  if (it instanceof HTMLElement) it.scrollIntoView({ block: 'nearest' });
}

function Opened({ open, ...props }: Props & { readonly open: Open | undefined }) {
  const { question, note, setNote, onPutOff } = props;
  return (
    <View style={styles.all}>
      {open === 'how' && <How {...props} />}
      {open === 'note' && (
        <TextInput
          aria-label={walkText.noteToThisReading}
          value={note}
          onChangeText={setNote}
          maxLength={2000}
          multiline
          placeholder={walkText.keptWithTheReading}
          placeholderTextColor={color.ink3}
          style={styles.note}
        />
      )}
      {open === 'photo' && <PhotoHere placeId={props.place.id} question={question} />}
      {open === 'put-off' && onPutOff && (
        <View style={styles.row}>
          <Button
            look="plain"
            label={walkText.laterOnThisWalk}
            onPress={() => onPutOff('later')}
            style={styles.key}
          />
          <Button
            look="plain"
            label={walkText.anotherDay}
            onPress={() => onPutOff('another-day')}
            style={styles.key}
          />
        </View>
      )}
    </View>
  );
}

function How({ place, how, setHow, setText }: Props) {
  return (
    <View style={styles.all}>
      <Chips
        options={readingMethods
          .filter((it) => it !== 'looked')
          .map((it) => [it, methodNames[it]] as const)}
        value={how}
        onChoose={setHow}
      />
      {setText && (
        <>
          <Txt kind="small" tone="ink2">
            {walkText.noTapeAsWideAs}
          </Txt>
          <View style={styles.row}>
            {gaugeIds.map((id) => {
              const [low, high] = bandOf(gauges[id]);
              const figure = (mm: number) => lengthFigure(mm, place.units);
              return (
                <Button
                  key={id}
                  look="chip"
                  label={gaugeNames[id]}
                  says={walkText.asWideAsTo(gaugeNames[id], figure(low), high, place.units)}
                  onPress={() => {
                    setHow('estimated');
                    setText(walkText.rangeOf(figure(low), figure(high)));
                  }}
                  style={styles.key}
                />
              );
            })}
          </View>
        </>
      )}
    </View>
  );
}

/** Photos of the very thing asked about, kept as soon as they are taken. */
function PhotoHere({
  placeId,
  question,
}: {
  readonly placeId: string;
  readonly question: Question;
}) {
  const { thumbs, trouble, add } = usePhotos(placeId, [question.item]);
  return (
    <View style={styles.all}>
      {trouble && <Notice>{trouble}</Notice>}
      <View style={styles.row}>
        {thumbs.slice(-3).map((photo) => (
          <Image
            key={photo.id}
            source={{ uri: photo.data }}
            accessibilityLabel={walkText.photoOf(photo.date)}
            style={styles.photo}
          />
        ))}
        <Button
          look="plain"
          label={walkText.takeOrChooseAPhoto}
          onPress={() => void add(question.item)}
          style={styles.key}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: space.s },
  row: { flexDirection: 'row', gap: space.s, flexWrap: 'wrap' },
  key: { flex: 1, minHeight: 48, paddingHorizontal: space.xs, minWidth: 62 },
  note: {
    minHeight: 72,
    padding: space.m,
    fontFamily: font.text,
    fontSize: 17,
    color: color.ink,
    backgroundColor: color.paper,
    borderWidth: 2,
    borderColor: color.ink3,
    borderRadius: 8,
  },
  photo: { width: 64, height: 64, backgroundColor: color.ground },
});
