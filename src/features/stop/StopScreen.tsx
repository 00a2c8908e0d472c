/** The stop as last found, drawn, and a row for each reading; one big button affirms what is left and goes on. */
import { useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { attributes } from '@/core/attributes';
import { findBay } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import type { Judgement } from '@/core/score/judge';
import { isGauge } from '@/core/walk/quick-answer';
import { rowsInPlace } from '@/core/walk/rows-in-place';
import { toAffirm, toTouch, type StopRow } from '@/core/walk/stop-rows';
import { isLast } from '@/core/walk/questions';
import { toReadSingly } from '@/core/walk/what-follows';
import { StripFocus } from '@/features/walk/StripFocus';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { useLow } from '@/ui/theme/use-short';
import { useWide } from '@/ui/theme/use-wide';
import { capital } from '@/words/names';
import { rowWords } from '@/words/row-words';
import { stopText } from '@/words/screens/stop';
import { sectionCaution } from '@/words/walk-words';
import { MadeOf } from './MadeOf';
import { RowOfStop } from './RowOfStop';
import { StopFoot, type Onward } from './StopFoot';
import type { StopActions } from './use-stop-actions';
import { rowLetters, useStopKeys } from './use-stop-keys';
import type { StopWalk } from './use-stop-walk';
import { WholePlace } from './WholePlace';

interface Props {
  readonly place: Place;
  readonly judgement: Judgement;
  readonly at: StopWalk;
  readonly actions: StopActions;
  readonly progress: string;
  readonly note: string;
  /** Over the rows: how far the walk is; under the heading: what has just been found open. */
  readonly over: ReactNode;
  readonly aside: ReactNode;
  readonly onRead: (row: StopRow, typed?: string) => void;
  readonly onUndo: (() => void) | undefined;
  readonly onOneByOne: () => void;
}

/** px */
const phoneDrawing = 180;
/** On a phone lying on its side, or where all is twice as large: rows come first. */
const lowDrawing = 96;
const wideDrawing = 440;

export function StopScreen({ place, judgement, at, actions, onRead, ...props }: Props) {
  const { stop, stops, index, rows, foldedBefore, like, ahead } = at;
  const { busy, quick, together } = actions;
  const wide = useWide();
  const [showFolded, setShowFolded] = useState(false);
  const [foldedAtFirst] = useState(
    () => new Set([...rows.folded.map(({ question }) => question.id), ...foldedBefore]),
  );
  const inPlace = rowsInPlace(rows, stop.questions, foldedAtFirst, foldedBefore);
  const { idle, folded } = inPlace;
  const shown = [...inPlace.shown, ...(showFolded ? folded : [])];
  const affirm = toAffirm(rows).length;
  const untouched = toTouch(rows);
  const singly = toReadSingly(place, rows.rows);
  const next = stops[index + 1];
  const nextName = next ? stopText.stopName(place, next) : stopText.theEnd;
  const leaving: Onward = {
    label: capital(onwardWords(affirm, untouched.length, nextName)),
    press: actions.onward,
  };
  const first = firstHere();
  const { back, leave } = actions;
  const marked = useStopKeys({
    shown,
    // What the answer hangs on is known a moment later: a mark that jumps would take a digit to another row.
    first:
      singly[0] ??
      shown.find(({ state, question }) => state === 'unread' && !idle.has(question.id)) ??
      shown[0],
    onEnter: (first ?? leaving).press,
    onPage: leaving.press,
    onBack: back,
    onLeave: leave,
    onRead,
    onSpace: (row) => (row.state === 'as-before' ? actions.tick([row]) : actions.sayAsUsual(row)),
  });
  // A wide drawing stands beside the rows and takes nothing from them.
  const isLow = useLow() && !wide;
  const caution = sectionCaution(stop.section, place);
  const title = untouched.some(isJudgedUnread)
    ? stopText.whatIsHere
    : untouched.length + affirm === 0
      ? stopText.allRead
      : stopText.whatHasChanged;
  const drawing = marked && (
    <StripFocus
      place={place}
      judgement={judgement}
      question={marked.question}
      height={wide ? wideDrawing : isLow ? lowDrawing : phoneDrawing}
      labelled={!isLow}
    />
  );
  /** What is to be done here before going on: read by hand what nothing is usual of, then say the rest in one tap. */
  function firstHere(): Onward | undefined {
    const [row, ...more] = singly;
    if (row) {
      const name = rowWords(place, row.question);
      return { label: stopText.readFirst(name, more.length), press: () => onRead(row) };
    }
    if (together.length === 0) return undefined;
    const gauge = together.map((it) => quick(it)).find(isGauge);
    const others = affirm + together.filter((it) => !isGauge(quick(it))).length;
    return {
      label: stopText.asItShouldBe(
        place,
        gauge?.to,
        others,
        untouched.some(({ question }) => isLast(question)) ? undefined : nextName,
      ),
      press: actions.allAsItShouldBe,
    };
  }
  return (
    <View style={styles.all}>
      <View style={styles.top}>
        <Txt kind="small" tone="ink2" lines={1} style={styles.grow}>
          {props.progress} ·{' '}
          <Txt kind="inherit" style={styles.bold}>
            {stopText.stopName(place, stop)}
          </Txt>
        </Txt>
        <Txt kind="small" tone="ink2" live>
          {props.note}
        </Txt>
      </View>
      {props.over}
      <View style={wide ? styles.beside : styles.grow}>
        {wide ? (
          <View style={styles.drawn}>
            {stop.bay === undefined && marked?.question.bay === undefined ? (
              <WholePlace section={stop.section} judgement={judgement} />
            ) : (
              drawing
            )}
          </View>
        ) : (
          drawing
        )}
        <ScrollView style={styles.grow} contentContainerStyle={styles.body}>
          <View style={styles.head}>
            <Txt kind="title" style={styles.title}>
              {title}
            </Txt>
            {props.aside}
            {caution && (
              <Txt kind="small" tone="hours">
                {caution}
              </Txt>
            )}
            {actions.trouble && <Notice>{actions.trouble}</Notice>}
            {like.map(({ bay, readings }) => (
              <Button
                key={bay}
                look="plain"
                label={stopText.asTheBayBefore(
                  findBay(place, bay)?.bay.name ?? bay,
                  readings.length,
                )}
                disabled={busy}
                onPress={() => actions.asWall(bay)}
              />
            ))}
            {stop.bay !== undefined && singly.length === 0 && ahead.walls > 0 && (
              <Button
                look="plain"
                label={stopText.wallsAhead(ahead.walls)}
                says={stopText.wallsAheadSaid(ahead.walls, ahead.readings.length)}
                disabled={busy}
                onPress={() => stop.bay !== undefined && actions.asAhead(stop.bay)}
              />
            )}
          </View>
          <View role="list" aria-busy={at.isWorking}>
            {shown.map((row, number) => (
              <RowOfStop
                key={row.question.id}
                place={place}
                row={row}
                letter={wide ? rowLetters[number] : undefined}
                isMarked={wide && row === marked}
                isIdle={idle.has(row.question.id)}
                quick={quick(row)}
                busy={busy}
                onRead={() => onRead(row)}
                onTick={() => actions.tick([row])}
                onQuick={() => actions.sayAsUsual(row)}
              />
            ))}
            {rows.madeOf.length > 0 && (
              <MadeOf
                place={place}
                rows={rows.madeOf}
                provenance={judgement.found.provenance}
                busy={busy}
                onRead={onRead}
                onTickAll={actions.tick}
              />
            )}
          </View>
          {folded.length > 0 && (
            <View style={styles.folded}>
              <Txt tone="ink2" style={styles.grow}>
                {stopText.wouldChangeNothing(folded.length)}
              </Txt>
              <Button
                look="key"
                label={showFolded ? stopText.hideThem : stopText.showThem}
                onPress={() => setShowFolded(!showFolded)}
              />
            </View>
          )}
          <View style={styles.head}>
            {props.onUndo && (
              <Button look="plain" label={stopText.undo} disabled={busy} onPress={props.onUndo} />
            )}
            <Button look="plain" label={stopText.oneAtATime} onPress={props.onOneByOne} />
            {at.inHand.walk && (
              <View style={styles.row}>
                <Button
                  look="plain"
                  label={stopText.putOffLater}
                  disabled={busy}
                  onPress={() => actions.putOff('later')}
                  style={styles.half}
                />
                <Button
                  look="plain"
                  label={stopText.putOffDay}
                  disabled={busy}
                  onPress={() => actions.putOff('another-day')}
                  style={styles.half}
                />
              </View>
            )}
            {wide && (
              <Txt kind="small" tone="ink2">
                {stopText.keys}
              </Txt>
            )}
          </View>
        </ScrollView>
      </View>
      <StopFoot
        onBack={back}
        onLeave={leave}
        busy={busy}
        main={first ?? leaving}
        passOver={first && { label: stopText.goOnUnread(untouched.length), press: leaving.press }}
      />
    </View>
  );
}

const isJudgedUnread = ({ state, question }: StopRow): boolean =>
  state === 'unread' && attributes[question.attribute].isJudged;

/** What the big button does with what has not been touched. */
function onwardWords(affirm: number, left: number, next: string): string {
  if (affirm > 0 && left > 0) return stopText.affirmAndLeave(affirm, left, next);
  if (affirm > 0) return stopText.affirmThen(affirm, next);
  return left > 0 ? stopText.nextLeaving(left, next) : stopText.next(next);
}

const styles = StyleSheet.create({
  all: { flex: 1, backgroundColor: color.field },
  top: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'center',
    gap: space.m,
    paddingHorizontal: space.l,
    minHeight: 40,
  },
  grow: { flex: 1, minWidth: 0, minHeight: 0 },
  bold: { fontWeight: '700' },
  beside: { flex: 1, flexDirection: 'row', minHeight: 0 },
  drawn: { flex: 1, justifyContent: 'center', backgroundColor: color.ground },
  body: { paddingVertical: space.s },
  head: { paddingHorizontal: space.l, paddingVertical: space.s, gap: space.s },
  title: { fontSize: 26, lineHeight: 30 },
  folded: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    paddingHorizontal: space.l,
    paddingVertical: space.s,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1 },
});
