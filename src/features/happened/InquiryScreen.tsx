/** After a loss: who it may have been, by which way, the next question, and where to look first. */
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import type { Culprit, Loss } from '@/core/records/sighting';
import type { Ranked } from '@/core/signs/inquiry';
import { otherCauses } from '@/core/tables/signs';
import { NotFoundScreen } from '@/features/frame/NotFoundScreen';
import { Photos } from '@/features/photos/Photos';
import { UndoBar } from '@/features/edit/UndoBar';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { happenedText } from '@/words/screens/happened';
import { QuestionPart } from './QuestionPart';
import { useInquiry, type InquiryAt } from './use-inquiry';
import { WaysPart } from './WaysPart';

interface Props {
  readonly yard: Yard;
  /** Id of the loss in the log. */
  readonly id: string;
}

export function InquiryScreen({ yard, id }: Props) {
  const loss = yard.sightings.find((it): it is Loss => it.what === 'loss' && it.id === id);
  return loss ? <Known yard={yard} loss={loss} /> : <NotFoundScreen />;
}

function Known({ yard, loss }: { readonly yard: Yard; readonly loss: Loss }) {
  const { place } = useJudgement(yard).found;
  const at = useInquiry(yard, loss);
  const { inquiry, signs, question, asked } = at;
  const wide = useWide();
  // On a phone one question a screen, until somebody wants to see what it comes to.
  const [isAsking, setAsking] = useState(asked === 0);
  const isIll = signs.some(({ answer }) => answer === 'no-wound' || answer === 'many-dead');
  const head = (
    <View style={styles.head}>
      <BackLink href="/" name={happenedText.yard} />
      <Txt kind="title">{titleOf(loss, at)}</Txt>
      <Txt tone="ink2">{happenedText.lossIs(place, loss)}</Txt>
      {isIll && <Notice tone="hours">{happenedText.illness}</Notice>}
      {at.trouble && <Notice>{at.trouble}</Notice>}
    </View>
  );
  const questionPart = question && (
    <QuestionPart
      key={question}
      question={question}
      number={asked + 1}
      busy={at.busy}
      onAnswer={(answer) => at.answer(question, answer)}
      onPass={() => at.pass(question)}
    />
  );
  if (!wide && questionPart && isAsking) {
    return (
      <View style={styles.page}>
        <ScrollView key={question} style={styles.grow}>
          {head}
          {questionPart}
        </ScrollView>
        <View style={styles.foot}>
          <Button
            look={asked === 0 ? 'plain' : 'main'}
            label={happenedText.whatItComesTo}
            onPress={() => setAsking(false)}
          />
        </View>
      </View>
    );
  }
  return (
    <Columns
      names={[happenedText.whatHappened, happenedText.who]}
      rightFirst
      head={
        <>
          {head}
          {questionPart && !wide && (
            <View style={styles.more}>
              <Button look="plain" label={happenedText.askMore} onPress={() => setAsking(true)} />
            </View>
          )}
        </>
      }
      left={
        <>
          {wide && questionPart}
          {!questionPart && (
            <View style={styles.head}>
              <Txt tone="ink2">{happenedText.enough}</Txt>
            </View>
          )}
          <FoundPart at={at} />
          <KnownPart yard={yard} loss={loss} at={at} />
          <Photos
            placeId={yard.place.id}
            items={[loss.id]}
            name={happenedText.lossIs(place, loss)}
          />
          <View style={styles.head}>
            <UndoBar placeId={yard.place.id} />
          </View>
        </>
      }
      right={
        <>
          <WhoPart who={inquiry.who} />
          <WaysPart place={place} inquiry={inquiry} />
        </>
      }
    />
  );
}

/** Two that are close are both named. */
const close = 0.7;

function titleOf({ animal, cause }: Loss, { inquiry, asked }: InquiryAt): string {
  const known = animal ?? cause;
  if (known) return happenedText.known(known);
  const [first, second] = inquiry.who;
  if (!first || asked === 0) return happenedText.whatHappened;
  return second && second.share > close * first.share
    ? happenedText.between(first.culprit, second.culprit)
    : happenedText.mostLikely(first.culprit, first.share);
}

const few = 5;

function WhoPart({ who }: { readonly who: readonly Ranked[] }) {
  const most = who[0]?.share ?? 1;
  return (
    <Part title={happenedText.who}>
      <View>
        {who.slice(0, few).map((it) => (
          <View key={it.culprit} style={styles.suspect}>
            <View style={styles.line}>
              <Txt kind="strong" style={styles.grow}>
                {happenedText.name(it.culprit)}
              </Txt>
              <Txt kind="label">{happenedText.share(it.share)}</Txt>
            </View>
            <View style={styles.track}>
              <View style={[styles.bar, { width: `${Math.round((100 * it.share) / most)}%` }]} />
            </View>
            {happenedText.spoke(it) !== '' && <Txt tone="ink2">{happenedText.spoke(it)}</Txt>}
          </View>
        ))}
      </View>
      <Txt kind="small" tone="ink2">
        {happenedText.aRanking} {happenedText.signTable}
      </Txt>
    </Part>
  );
}

function FoundPart({ at }: { readonly at: InquiryAt }) {
  if (at.signs.length === 0) return null;
  return (
    <Part title={happenedText.found}>
      <View>
        {at.signs.map((sign) => (
          <View key={sign.question} style={styles.found}>
            <Txt style={styles.grow}>{happenedText.foundIs(sign)}</Txt>
            {sign.question !== 'toll' && (
              <Button
                look="key"
                label={happenedText.takeBack}
                says={happenedText.takeItBack(sign)}
                disabled={at.busy}
                onPress={() => at.takeBack(sign.question)}
              />
            )}
          </View>
        ))}
      </View>
    </Part>
  );
}

function KnownPart({
  yard: { place },
  loss: { animal, cause, thought },
  at,
}: {
  readonly yard: Yard;
  readonly loss: Loss;
  readonly at: InquiryAt;
}) {
  const known = animal ?? cause;
  const [first] = thought ?? [];
  const all: readonly Culprit[] = [...place.setting.lives, ...otherCauses];
  return (
    <Part title={happenedText.itIsKnown}>
      <Txt tone="ink2">{happenedText.itIsKnownWhy}</Txt>
      <Choice<Culprit | 'unknown'>
        label={happenedText.who}
        options={[
          ['unknown', happenedText.notKnown] as const,
          ...all.map((it) => [it, happenedText.name(it)] as const),
        ]}
        value={known ?? 'unknown'}
        onChange={(it) => at.settle(it === 'unknown' ? undefined : it)}
      />
      {known && first && (
        <Txt tone="ink2">{happenedText.thoughtFirst(first.culprit, first.share)}</Txt>
      )}
    </Part>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  grow: { flex: 1 },
  more: { paddingHorizontal: space.l, paddingBottom: space.s },
  page: { flex: 1, backgroundColor: color.field },
  foot: { padding: space.m, borderTopWidth: 1, borderTopColor: color.hairline },
  suspect: {
    gap: space.xs,
    paddingVertical: space.s,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  line: { flexDirection: 'row', gap: space.m },
  track: { height: 6, backgroundColor: color.ground },
  bar: { height: 6, backgroundColor: color.ink },
  found: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.s,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
    paddingVertical: space.xs,
    minHeight: 56,
  },
});
