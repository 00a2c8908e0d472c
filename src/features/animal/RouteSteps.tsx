/** A route as a list: each barrier with its level, the reason with reading, figure, source and mark, and what would stop it. */
import { animalText } from '@/words/screens/animal';
import { StyleSheet, View } from 'react-native';
import { remediesFor } from '@/core/effort/remedies';
import type { FoundPlace } from '@/core/records/apply-readings';
import { findBay } from '@/core/place/find';
import { takesThrough, type Route, type RouteStep } from '@/core/routes/animal-routes';
import { lookParams, type Look } from '@/features/look/use-look';
import { ReasonLines } from '@/features/way/ReasonLines';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { levelLong } from '@/words/minutes-words';
import { capital } from '@/words/names';
import { spotWords } from '@/words/spot-words';
import { stopWords } from '@/words/stop-words';

interface Props {
  readonly found: FoundPlace;
  readonly route: Route;
  readonly look: Look;
}

export function RouteSteps({ found, route, look }: Props) {
  return (
    <View style={styles.steps}>
      {route.steps.map((step, index) => (
        <StepLines key={step.bay.id} found={found} step={step} number={index + 1} look={look} />
      ))}
      {route.steps.length > 1 && <Txt kind="strong">{animalText.inAll(route.minutes)}</Txt>}
      {route.turnedBack > 0 && (
        <Txt tone="ink2">
          {animalText.strandsTurnBackTriesIn(Math.round(route.turnedBack * 100))}
        </Txt>
      )}
    </View>
  );
}

interface StepProps {
  readonly found: FoundPlace;
  readonly step: RouteStep;
  readonly number: number;
  readonly look: Look;
}

function StepLines({ found, step, number, look }: StepProps) {
  const { place } = found;
  const name = findBay(place, step.bay.id)?.bay.name ?? step.bay.id;
  const into = place.zones.find(({ id }) => id === step.into)?.name ?? step.into;
  const stops = remediesFor(step.by);
  return (
    <View style={styles.step}>
      <Txt kind="sub">
        {number}. {capital(name)}, {spotWords(place, step.by)}:{' '}
        {takesThrough(step) ? animalText.takesABirdThroughIt : animalText.intoThe(into)},{' '}
        {levelLong(step.minutes)}
      </Txt>
      <ReasonLines found={found} parts={[step.by]} />
      {stops.length > 0 && (
        <View style={styles.stops}>
          <Txt kind="strong">{animalText.whatWouldStopItHere}</Txt>
          {stops.map((stop, index) => (
            <Txt key={index}>– {stopWords(place, stop)}</Txt>
          ))}
        </View>
      )}
      <LinkRow
        href={{ pathname: '/item/[item]', params: { item: step.bay.id, ...lookParams(look) } }}
        says={animalText.allOf(name)}
      >
        <Txt kind="strong" tone="holds">
          {animalText.allOf(name)}
        </Txt>
      </LinkRow>
    </View>
  );
}

/** What it turns to next. */
export function NextWay({
  found,
  next,
  look,
}: {
  readonly found: FoundPlace;
  readonly next: Route | undefined;
  readonly look: Look;
}) {
  if (!next) return <Txt>{animalText.nothingElseLetsItIn}</Txt>;
  const { place } = found;
  const where = next.steps.map(
    ({ bay, by }) => `${findBay(place, bay.id)?.bay.name ?? bay.id}, ${spotWords(place, by)}`,
  );
  const item = next.steps[0].bay.id;
  return (
    <LinkRow
      href={{ pathname: '/item/[item]', params: { item, ...lookParams(look) } }}
      says={animalText.next(where[0])}
    >
      <Txt kind="strong">{animalText.itTurnsTo(where)}</Txt>
      <Txt tone="ink2">{capital(levelLong(next.minutes))}.</Txt>
    </LinkRow>
  );
}

const styles = StyleSheet.create({
  steps: { gap: space.m },
  step: { gap: space.xs },
  stops: { gap: 2, paddingTop: space.xs, paddingBottom: space.s },
});
