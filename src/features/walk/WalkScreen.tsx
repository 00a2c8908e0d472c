/** The walk: where it stands, the one button to go on, and every bay to jump to. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { findBay } from '@/core/place/find';
import type { BayId } from '@/core/place/place';
import type { Walk } from '@/core/place/walk';
import { nextUnasked, openWalk, readingIn } from '@/core/walk/open-walk';
import { questionsOf, type Leg, type Question } from '@/core/walk/questions';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { useJudgement } from '@/store/use-yard';
import { Button } from '@/ui/controls/Button';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { lineCode } from '@/ui/theme/line-code';
import { Lap } from '@/ui/drawings/Lap';
import { color, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWidth } from '@/ui/theme/use-width';
import { capital, count } from '@/words/names';
import { notSavedWords } from '@/words/not-saved-words';
import { questionWords } from '@/words/question-words';
import { dayWords } from '@/words/day-words';

const legNames: Readonly<Record<Leg, string>> = {
  lap: 'Outside lap, from the gate',
  overhead: 'Overhead',
  house: 'The house, from the run',
};

export function WalkScreen({ yard }: { readonly yard: Yard }) {
  const router = useRouter();
  const judgement = useJudgement(yard);
  const { endWalk } = useChanges();
  const wide = useWide();
  const { width, onLayout } = useWidth(usePageWidth('full'));
  const [trouble, setTrouble] = useState<string>();
  const { place } = judgement.found;
  const questions = questionsOf(place);
  const walk = openWalk(yard.walks, 'lap');
  const asked = questions.filter((question) => readingIn(walk, question)).length;
  const next = nextUnasked(questions, walk);
  const go = (question: Question) =>
    router.push({ pathname: '/walk/[question]', params: { question: question.id } });
  const end = () => {
    endWalk('lap').catch((error: unknown) => setTrouble(notSavedWords(error)));
  };
  return (
    <Screen full>
      <View style={styles.head}>
        <Txt kind="title">{walk ? 'Walk in hand' : 'Walk the lap'}</Txt>
        <Txt tone="ink2">
          {walk
            ? `Begun ${dayWords(walk.date)}. ${asked} of ${questions.length} readings taken; each is saved as you take it.`
            : `One way round from the gate, bay by bay, then overhead and the house: ${count(questions.length, 'reading')}. Stop whenever you like; it waits here.`}
        </Txt>
        {trouble && <Notice>{trouble}</Notice>}
        {next && (
          <Button
            label={`${walk ? 'Go on' : 'Begin'}: ${bayName(yard, next)}, ${questionWords(next, place).short}`}
            onPress={() => go(next)}
          />
        )}
        {walk && <Button look="plain" label="End this walk" onPress={end} />}
        {overheadNote(questions)}
      </View>
      <View onLayout={onLayout}>
        <Lap
          place={place}
          marks={judgement.marks}
          ways={judgement.waysIn}
          selected={next?.bay}
          onSelect={(bay) => {
            const own = questions.filter((question) => question.bay === bay);
            const first = nextUnasked(own, walk) ?? own[0];
            if (first) go(first);
          }}
          width={width}
          whole={wide}
        />
      </View>
      {(Object.keys(legNames) as Leg[]).map((leg) => (
        <LegList
          key={leg}
          leg={leg}
          yard={yard}
          walk={walk}
          questions={questions.filter((question) => question.leg === leg)}
          mark={(bay) => lineCode[judgement.marks.get(bay) ?? 'unread'].name}
        />
      ))}
    </Screen>
  );
}

function overheadNote(questions: readonly Question[]) {
  return questions.some((question) => question.leg === 'overhead') ? (
    <Txt kind="small" tone="ink2">
      Overhead: a ladder stands one out for four up, on firm ground, with someone to hold it.
    </Txt>
  ) : null;
}

function bayName({ place }: Yard, { bay }: Question): string {
  return findBay(place, bay)?.bay.name ?? bay;
}

interface LegProps {
  readonly leg: Leg;
  readonly yard: Yard;
  readonly walk: Walk | undefined;
  readonly questions: readonly Question[];
  readonly mark: (bay: BayId) => string;
}

function LegList({ leg, yard, walk, questions, mark }: LegProps) {
  if (questions.length === 0) return null;
  const bays = [...new Set(questions.map((question) => question.bay))];
  return (
    <View style={styles.leg}>
      <Txt kind="heading" style={styles.heading}>
        {legNames[leg]}
      </Txt>
      {bays.map((bay) => {
        const own = questions.filter((question) => question.bay === bay);
        const first = nextUnasked(own, walk) ?? own[0];
        if (!first) return null;
        const taken = own.filter((question) => readingIn(walk, question)).length;
        const unread = own.filter((question) => !question.answered).length;
        const name = bayName(yard, first);
        return (
          <LinkRow
            key={bay}
            href={{ pathname: '/walk/[question]', params: { question: first.id } }}
            says={`Walk ${name}`}
          >
            <View style={styles.row}>
              <Txt kind="strong">{capital(name)}</Txt>
              <Txt tone="ink2">{mark(bay)}</Txt>
            </View>
            <Txt kind="small" tone="ink2">
              {walk ? `${taken} of ${own.length} taken on this walk` : count(own.length, 'reading')}
              {unread > 0 ? `; ${unread} never taken` : ''}
            </Txt>
          </LinkRow>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.m },
  leg: { backgroundColor: color.paper },
  heading: { paddingHorizontal: space.l, paddingTop: space.l, paddingBottom: space.s },
  row: { flexDirection: 'row', justifyContent: 'space-between' },
});
