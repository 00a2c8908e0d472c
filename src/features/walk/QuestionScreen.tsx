/** One question a screen: where to look, one reading, what it means, one big button that names the next thing. */
import { walkText } from '@/words/screens/walk';
import { useEffect, useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { attributes } from '@/core/attributes';
import { findBay, findItem } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import type { PutOff, Reading, ReadingMethod } from '@/core/records/walk';
import type { Judgement } from '@/core/score/judge';
import type { Question } from '@/core/walk/questions';
import type { SameAs } from '@/core/walk/same-as';
import { useFeedback } from '@/features/frame/use-feedback';
import { ChangedSince } from '@/store/change-yard';
import { draftOf, keepDraft } from '@/store/drafts';
import type { NewReading } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { HandsDrawing } from '@/ui/drawings/hands/HandsDrawing';
import { color, space } from '@/ui/theme/tokens';
import { useShort } from '@/ui/theme/use-short';
import { useWide } from '@/ui/theme/use-wide';
import { capital } from '@/words/names';
import { changedSinceWords, notSavedWords } from '@/words/not-saved-words';
import { questionWords } from '@/words/attributes';
import { AskedBack } from './AskedBack';
import { ChoiceReading } from './ChoiceReading';
import { KeysOfQuestion } from './KeysOfQuestion';
import { LengthReading } from './LengthReading';
import { MoreOfReading } from './MoreOfReading';
import { asAt, QuickReadings, standing, type Quick } from './QuickReadings';
import { StripFocus } from './StripFocus';
import { useAnswer } from './use-answer';
import { useQuestionKeys } from './use-question-keys';

export interface QuestionProps {
  readonly place: Place;
  readonly judgement: Judgement;
  readonly question: Question;
  /** What this walk has already been told. */
  readonly given: Reading | undefined;
  /** Typed already, before the screen was there. */
  readonly typed?: string | undefined;
  /** Where one stands: "gate bay". */
  readonly where: string;
  readonly progress: string;
  readonly note: string;
  /** What was saved last, in words. */
  readonly saved?: string | undefined;
  readonly nextName: string;
  /** Stores readings and goes on; rejects where they could not be stored. */
  readonly onSave: (readings: readonly NewReading[]) => Promise<void>;
  readonly onNext: () => void;
  readonly onBack: () => void;
  readonly onLeave: () => void;
  /** What the bay before says of this question, and of the rest of this stop. */
  readonly sameAs?: SameAs | undefined;
  readonly rest?: readonly SameAs[];
  /** What does not wear at this stop, and stands in the record. */
  readonly lasting?: readonly Question[];
  /** Both reject where it could not be done. */
  readonly onPutOff?: ((to: PutOff['to']) => Promise<void>) | undefined;
  readonly onUndo?: (() => Promise<void>) | undefined;
  /** A choice or a usual size is stored by the tap that makes it. */
  readonly saveAtOnce?: boolean;
  /** Over the question: how far the walk is; under it: what has just been found open, what to mind here. */
  readonly over?: ReactNode;
  readonly aside?: ReactNode;
}

export function QuestionScreen(props: QuestionProps) {
  const {
    place,
    judgement,
    question,
    given,
    sameAs,
    rest = [],
    lasting = [],
    nextName,
    onSave,
  } = props;
  const wide = useWide();
  const short = useShort();
  const tell = useFeedback();
  const [draft] = useState(() => draftOf(place.id, question.id));
  const answer = useAnswer(place, question, given, props.typed ?? draft?.text);
  const [how, setHow] = useState<ReadingMethod>(draft?.how ?? given?.how ?? usualMethod(question));
  const [note, setNote] = useState(draft?.note ?? given?.note ?? '');
  const [trouble, setTrouble] = useState<string>();
  const [saving, setSaving] = useState(false);
  const [help, setHelp] = useState(false);
  const save = (readings: readonly NewReading[]) => {
    if (saving) return;
    setSaving(true);
    setTrouble(undefined);
    run(onSave(readings).then(tell));
  };
  /** What could not be stored or taken back is said, and can be pressed again. */
  const run = (work: Promise<unknown>) => {
    work.catch((error: unknown) => {
      setSaving(false);
      setTrouble(error instanceof ChangedSince ? changedSinceWords : notSavedWords(error));
    });
  };
  const { onPutOff, onUndo } = props;
  const undo = onUndo && (() => run(onUndo()));
  const saveThis = (quick: Quick) => save([readingOf(question, quick, note)]);
  const { outcome } = answer;
  // The value stands, but how it was taken or what is noted has changed.
  const resaid = given !== undefined && (given.how !== how || (given.note ?? '') !== note);
  const typed = answer.kind === 'amount' && outcome.kind !== 'unchanged' ? answer.text : '';
  const isDraft = typed !== '' || note !== (given?.note ?? '');
  useEffect(() => {
    if (saving) return;
    keepDraft(place.id, question.id, isDraft ? { text: typed, note, how } : undefined);
  }, [place.id, question.id, saving, isDraft, typed, note, how]);
  const forward = () => {
    if (saving) return;
    if (outcome.kind === 'refused') setTrouble(outcome.sentence);
    else if (outcome.kind === 'save') saveThis({ value: outcome.value, how });
    else if (resaid) saveThis({ value: given.value, how });
    else props.onNext();
  };
  const name = sameAs && findBay(place, sameAs.bay)?.bay.name;
  const still = standing(question);
  const isEmpty = answer.kind === 'amount' ? answer.text === '' : answer.chosen === undefined;
  const cannotTell = () => saveThis({ value: 'cannot-tell', how });
  useQuestionKeys({
    onNext: forward,
    onSkip: props.onNext,
    onBack: props.onBack,
    onLeave: props.onLeave,
    onStill:
      still === undefined || !isEmpty
        ? undefined
        : () => saveThis({ value: still, how: 'measured' }),
    onSame: sameAs && isEmpty ? () => saveThis(asAt(sameAs, name)) : undefined,
    onUndo: undo,
    onCannotTell: cannotTell,
    onHelp: () => setHelp(!help),
    onChoose:
      answer.kind === 'choice'
        ? (index) => {
            const choice = answer.choices[index];
            if (choice !== undefined) answer.choose(choice);
          }
        : undefined,
  });
  const words = questionWords(question, place);
  const quick = isEmpty && (
    <QuickReadings
      place={place}
      question={question}
      sameAs={sameAs}
      sameAsName={name}
      onQuick={saveThis}
      busy={saving}
    />
  );
  const kept = outcome.kind === 'unchanged' && !resaid;
  return (
    <View style={styles.all}>
      <View style={[styles.top, short && styles.shortTop]}>
        <View style={styles.grow}>
          <Txt kind="small" tone="ink2" lines={1}>
            <Txt kind="inherit" style={styles.bold}>
              {capital(props.where)}
            </Txt>{' '}
            · {props.progress}
          </Txt>
          {props.saved !== undefined && (
            <Txt kind="small" tone="holds" live lines={1}>
              {props.saved}
            </Txt>
          )}
        </View>
        <Txt kind="small" tone="ink2" live>
          {props.note}
        </Txt>
      </View>
      {props.over}
      <StripFocus
        place={place}
        judgement={judgement}
        question={question}
        {...(short && { height: shortDrawing })}
      />
      <ScrollView style={styles.scroll} contentContainerStyle={[styles.body, wide && styles.wide]}>
        {props.aside}
        <View style={styles.head}>
          {!short && (
            <HandsDrawing attribute={question.attribute} opening={openingKind(place, question)} />
          )}
          <View style={styles.grow}>
            <Txt kind="title" style={[styles.title, short && styles.shortTitle]}>
              {words.title}
            </Txt>
            <Txt kind="small" tone="ink2" {...(short && { lines: 2 })}>
              {words.todo}
            </Txt>
          </View>
        </View>
        {trouble && <Notice>{trouble}</Notice>}
        {trouble && outcome.kind === 'refused' && answer.kind === 'amount' && (
          <AskedBack asked={outcome.asked} onChoose={answer.setWhole} />
        )}
        {answer.kind === 'amount' ? (
          <LengthReading
            place={place}
            question={question}
            answer={answer}
            onSubmit={forward}
            onCannotTell={cannotTell}
            busy={saving}
            quick={quick}
            {...(props.saveAtOnce && { onWhole: (value) => saveThis({ value, how }) })}
          />
        ) : (
          <>
            {quick}
            <ChoiceReading
              place={place}
              question={question}
              answer={
                props.saveAtOnce && !saving
                  ? { ...answer, choose: (choice) => saveThis({ value: { is: choice }, how }) }
                  : answer
              }
              numbered={wide}
            />
            <Button look="key" label={walkText.cantTellIt} disabled={saving} onPress={cannotTell} />
          </>
        )}
        <MoreOfReading
          place={place}
          question={question}
          how={how}
          setHow={setHow}
          note={note}
          setNote={setNote}
          setText={
            answer.kind === 'amount' && isGauged(question)
              ? (text) => {
                  answer.setUnits(place.units);
                  answer.setWhole(text);
                }
              : undefined
          }
          onPutOff={onPutOff && ((to) => run(onPutOff(to)))}
          onUndo={undo}
        />
        {rest.length > 1 && name !== undefined && isEmpty && (
          <Button
            look="plain"
            label={walkText.theRestOfThisBay(name, rest.length)}
            disabled={saving}
            onPress={() => save(rest.map((it) => readingOf(it.question, asAt(it, name), '')))}
          />
        )}
        {lasting.length > 1 && isEmpty && (
          <Button
            look="plain"
            label={walkText.whatDoesNotWearHere(lasting.length)}
            disabled={saving}
            onPress={() => save(lasting.flatMap((it) => lastingReading(it)))}
          />
        )}
        {wide && <KeysOfQuestion open={help} />}
      </ScrollView>
      <View style={[styles.foot, wide && styles.wide]}>
        <Button
          look="plain"
          label={walkText.back}
          disabled={saving}
          onPress={props.onBack}
          style={styles.back}
        />
        <Button
          look="plain"
          label={walkText.leave}
          disabled={saving}
          says={walkText.leaveIt}
          onPress={props.onLeave}
          style={styles.back}
        />
        <Button
          label={kept ? walkText.next(nextName) : walkText.saveThen(nextName)}
          disabled={saving}
          onPress={forward}
          style={styles.next}
        />
      </View>
    </View>
  );
}

/** A note typed beside a reading is kept with it; what is said by comparison says so too. */
function readingOf({ item, attribute }: Question, quick: Quick, typed: string): NewReading {
  const notes = [quick.note, typed.trim()].filter((it) => it !== undefined && it !== '');
  const { value, how } = quick;
  return { item, attribute, value, how, ...(notes.length > 0 && { note: notes.join('; ') }) };
}

/** Seen, not measured anew. */
function lastingReading(question: Question): NewReading[] {
  const value = standing(question);
  if (value === undefined) return [];
  return [readingOf(question, { value, how: 'remembered', note: walkText.asLastTime }, '')];
}

/** Nobody sees a buried skirt: its depth is probed unless the keeper says otherwise. */
function usualMethod({ attribute }: Question): ReadingMethod {
  return attribute === 'skirt.depth' ? 'probed' : 'measured';
}

/** Openings of a width that a finger or an egg can be held against. */
function isGauged({ attribute }: Question): boolean {
  const { value, bears } = attributes[attribute];
  return value === 'amount' && (bears === 'slot' || bears === 'hole');
}

function openingKind(place: Place, { item }: Question): 'pop-door' | 'lid' | 'door' {
  const found = findItem(place, item);
  if (found?.kind !== 'opening') return 'door';
  if (found.opening.kind === 'pop-door') return 'pop-door';
  return found.opening.kind === 'nest-lid' || found.opening.kind === 'hatch' ? 'lid' : 'door';
}

/** px; where the phone is short. */
const shortDrawing = 64;

const styles = StyleSheet.create({
  all: { flex: 1, backgroundColor: color.field },
  top: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'center',
    gap: space.m,
    paddingHorizontal: space.l,
    minHeight: 44,
  },
  grow: { flex: 1, minWidth: 0 },
  bold: { fontWeight: '700' },
  scroll: { flex: 1 },
  head: { flexDirection: 'row', gap: space.m, alignItems: 'center' },
  title: { fontSize: 28, lineHeight: 32 },
  shortTop: { minHeight: 32 },
  shortTitle: { fontSize: 22, lineHeight: 26 },
  body: { paddingHorizontal: space.l, paddingVertical: space.s, gap: space.s },
  wide: { width: '100%', maxWidth: 720, alignSelf: 'center' },
  foot: { flexDirection: 'row', flexWrap: 'wrap', padding: space.m, gap: space.s },
  back: { minWidth: 62, paddingHorizontal: space.s },
  next: { flexGrow: 1, flexShrink: 1, flexBasis: 130, minHeight: 58 },
});
