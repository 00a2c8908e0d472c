/** What has to be looked at again because it grows old, and what would come in if it gave way. */
import { ageingText } from '@/words/screens/ageing';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { findBay } from '@/core/place/find';
import { ageingOf, isDue, type Ageing } from '@/core/rounds/ageing';
import type { Failure } from '@/core/score/failure';
import { ageingKinds, lifespans } from '@/core/tables/lifespans';
import { FigureLine } from '@/features/figures/FigureLine';
import { lookParams, useLook } from '@/features/look/use-look';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Part } from '@/ui/controls/Part';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { ageingNames, failureWords } from '@/words/ageing-words';
import { dueWords } from '@/words/day-words';
import { capital, listOf } from '@/words/names';
import { useAskedOf } from '@/workers/use-asked';
import { useReckoning } from '@/workers/use-reckoning';

export function AgeingScreen({ yard }: { readonly yard: Yard }) {
  const look = useLook();
  const { place, walks, mends, sightings } = yard;
  const { found } = useJudgement(yard);
  const all = useMemo(
    () => ageingOf(found.place, found.provenance, mends, look.today),
    [found, mends, look.today],
  );
  const due = all.filter((it) => isDue(it, look.today));
  const later = all.filter((it) => !isDue(it, look.today));
  const failures = useReckoning(
    useAskedOf('failures', {
      place,
      walks,
      log: sightings,
      mends,
      scenario: 'night-shut',
      date: look.today,
    }),
  );
  const answers = failures.state === 'done' ? failures.answer : [];
  const worst = sortedByFailure(due, answers);
  const nameOf = (id: string) => findBay(found.place, id)?.bay.name ?? id;
  const name = (id: string) => capital(nameOf(id));
  return (
    <Screen>
      <View style={styles.head}>
        <BackLink href="/mends" name={ageingText.mends} />
        <Txt kind="title">
          {due.length === 0 ? ageingText.nothingDueForALook : ageingText.due(due.length)}
        </Txt>
        <Txt tone="ink2">{ageingText.staplesTiesNettingBuriedMesh}</Txt>
      </View>
      {worst.length > 0 && (
        <View role="group" aria-label={ageingText.dueNow} style={styles.list}>
          {worst.map(({ ageing, failure }) => (
            <LinkRow
              key={`${ageing.bay} ${ageing.kind}`}
              href={{
                pathname: '/item/[item]',
                params: { item: ageing.items[0] ?? ageing.bay, ...lookParams(look) },
              }}
              says={`${ageingNames[ageing.kind][0]}, ${name(ageing.bay)}`}
            >
              <Txt kind="strong">
                {ageingNames[ageing.kind][0]}, {name(ageing.bay)}
              </Txt>
              <Txt>{ageingNames[ageing.kind][1]}</Txt>
              <Txt tone={failure && failure.opensTo.length > 0 ? 'open' : 'ink2'}>
                {failure
                  ? failureWords(failure)
                  : failures.state === 'failed'
                    ? ageingText.whatItWouldOpenCould
                    : ageingText.whatItWouldOpenIs}
              </Txt>
              <Txt kind="small" tone="ink2">
                {ageingText.looked(ageing.looked, dueWords(ageing.due, look.today), ageing.isOld)}
              </Txt>
            </LinkRow>
          ))}
        </View>
      )}
      {later.length > 0 && (
        <Part title={ageingText.later}>
          {together(later).map(([first, ...more]) => (
            <View key={`${first.due} ${first.kind}`}>
              <Txt kind="strong">{ageingNames[first.kind][0]}</Txt>
              <Txt>{capital(listOf([first, ...more].map(({ bay }) => nameOf(bay))))}.</Txt>
              <Txt kind="small" tone="ink2">
                {dueWords(first.due, look.today)}.
              </Txt>
            </View>
          ))}
        </Part>
      )}
      <Part title={ageingText.howLongThingsLast}>
        {ageingKinds.map((kind) => (
          <View key={kind} style={styles.kind}>
            <Txt kind="sub">{ageingNames[kind][0]}</Txt>
            <FigureLine name={ageingText.expectedLife} figure={lifespans[kind].life} />
            {lifespans[kind].proofed && (
              <FigureLine name={ageingText.lifeProofed} figure={lifespans[kind].proofed} />
            )}
            <FigureLine name={ageingText.lookEvery} figure={lifespans[kind].look} />
          </View>
        ))}
      </Part>
    </Screen>
  );
}

/** Of one kind and due on one day. */
function together(all: readonly Ageing[]): [Ageing, ...Ageing[]][] {
  const groups = new Map<string, [Ageing, ...Ageing[]]>();
  for (const it of all) {
    const key = `${it.due} ${it.kind}`;
    const own = groups.get(key);
    if (own) own.push(it);
    else groups.set(key, [it]);
  }
  return [...groups.values()];
}

/** What lets most in first; of the same, what has been due for longest. */
function sortedByFailure(due: readonly Ageing[], failures: readonly Failure[]) {
  return due
    .map((ageing, at) => ({ ageing, failure: failures[at] }))
    .sort((a, b) => (b.failure?.opensTo.length ?? 0) - (a.failure?.opensTo.length ?? 0));
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  list: { backgroundColor: color.paper },
  kind: { gap: space.xs },
});
