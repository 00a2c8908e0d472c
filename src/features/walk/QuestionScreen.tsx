/** One question a screen: where to look, one reading, what it means, one big button that names the next thing. */
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { findBay } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import type { Reading } from '@/core/place/walk';
import type { Judgement } from '@/core/score/judge';
import type { Question } from '@/core/walk/questions';
import type { NewReading } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { capital } from '@/words/names';
import { notSavedWords } from '@/words/not-saved-words';
import { questionWords } from '@/words/question-words';
import { ChoiceReading } from './ChoiceReading';
import { LengthReading } from './LengthReading';
import { StripFocus } from './StripFocus';
import { useAnswer } from './use-answer';

export interface QuestionProps {
  readonly place: Place;
  readonly judgement: Judgement;
  readonly question: Question;
  /** What this walk has already been told. */
  readonly given: Reading | undefined;
  readonly progress: string;
  readonly note: string;
  readonly nextName: string;
  /** Stores the reading and goes on; rejects where it could not be stored. */
  readonly onSave: (reading: NewReading) => Promise<void>;
  readonly onNext: () => void;
  readonly onBack: () => void;
  readonly onLeave: () => void;
}

export function QuestionScreen(props: QuestionProps) {
  const { place, judgement, question, given, progress, note, nextName, onSave } = props;
  const wide = useWide();
  const answer = useAnswer(place, question, given);
  const [trouble, setTrouble] = useState<string>();
  const [saving, setSaving] = useState(false);
  const save = (value: NewReading['value']) => {
    setSaving(true);
    setTrouble(undefined);
    onSave({ item: question.item, attribute: question.attribute, how: 'measured', value }).catch(
      (error: unknown) => {
        setSaving(false);
        setTrouble(notSavedWords(error));
      },
    );
  };
  const forward = () => {
    if (saving) return;
    const { outcome } = answer;
    if (outcome.kind === 'unchanged') props.onNext();
    else if (outcome.kind === 'refused') setTrouble(outcome.sentence);
    else save(outcome.value);
  };
  const words = questionWords(question, place);
  const bay = findBay(place, question.bay)?.bay;
  const kept = answer.outcome.kind === 'unchanged';
  return (
    <View style={styles.all}>
      <View style={styles.top}>
        <Txt kind="small" tone="ink2">
          <Txt kind="inherit" style={styles.bold}>
            {capital(bay?.name ?? '')}
          </Txt>{' '}
          · {progress}
        </Txt>
        <Txt kind="small" tone="ink2" live>
          {note}
        </Txt>
      </View>
      <StripFocus place={place} judgement={judgement} question={question} />
      <ScrollView style={styles.scroll} contentContainerStyle={[styles.body, wide && styles.wide]}>
        <View>
          <Txt kind="title" style={styles.title}>
            {words.title}
          </Txt>
          <Txt tone="ink2">{words.todo}</Txt>
        </View>
        {trouble && <Notice>{trouble}</Notice>}
        {answer.kind === 'length' ? (
          <LengthReading
            place={place}
            question={question}
            answer={answer}
            onSubmit={forward}
            onCannotTell={() => save('cannot-tell')}
            busy={saving}
          />
        ) : (
          <>
            <ChoiceReading place={place} question={question} answer={answer} />
            <Button
              look="key"
              label="Can’t tell"
              disabled={saving}
              onPress={() => save('cannot-tell')}
            />
          </>
        )}
      </ScrollView>
      <View style={[styles.foot, wide && styles.wide]}>
        <Button
          look="plain"
          label="Back"
          disabled={saving}
          onPress={props.onBack}
          style={styles.back}
        />
        <Button
          look="plain"
          label="Leave"
          disabled={saving}
          says="Leave the walk; it waits"
          onPress={props.onLeave}
        />
        <Button
          label={kept ? `Next: ${nextName}` : `Save, then ${nextName}`}
          disabled={saving}
          onPress={forward}
          style={styles.next}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { flex: 1, backgroundColor: color.field },
  top: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'center',
    paddingHorizontal: space.l,
    minHeight: 40,
  },
  bold: { fontWeight: '700' },
  scroll: { flex: 1 },
  title: { fontSize: 30, lineHeight: 36 },
  body: { paddingHorizontal: space.l, paddingVertical: space.m, gap: space.s },
  wide: { width: '100%', maxWidth: 720, alignSelf: 'center' },
  foot: { flexDirection: 'row', padding: space.m, gap: space.s },
  back: { minWidth: 70 },
  next: { flex: 1, minHeight: 58 },
});
