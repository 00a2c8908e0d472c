/** One way in: barrier by barrier to the birds, why each gives way, and the mends that would close it. */
import { wayText } from '@/words/screens/way';
import { Link } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { itemIdsOf } from '@/core/place/find';
import type { RouteStep } from '@/core/routes/animal-routes';
import type { WayIn } from '@/core/routes/ways-in';
import type { Judgement } from '@/core/score/judge';
import { lookParams, useLook, type Look } from '@/features/look/use-look';
import { Photos } from '@/features/photos/Photos';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { wayTitle } from '@/words/headline';
import { scenarioNames } from '@/words/scenario-words';
import { StepBlock } from './StepBlock';

export function WayScreen({ yard, id }: { readonly yard: Yard; readonly id: string }) {
  const look = useLook();
  const judgement = useJudgement(yard, look);
  const { waysIn, slowWays, waysToEggs } = judgement;
  const way = [...waysIn, ...slowWays, ...waysToEggs].find((it) => it.id === id);
  if (!way) return <Closed look={look} />;
  const { place } = judgement.found;
  return (
    <Screen>
      <View style={styles.head}>
        <BackLink href={{ pathname: '/', params: lookParams(look) }} name={wayText.yard} />
        <Txt kind="title">{wayText.wayIn(numberOf(judgement, way))}</Txt>
        <Txt kind="strong">{wayTitle(place, way)}</Txt>
        <Txt tone="ink2">{wayText.effort(place, way, way.minutes)}</Txt>
        <Txt tone="ink2">{scenarioNames[look.scenario][1]}.</Txt>
      </View>
      {stepsOf(way).map(({ step, animals }, index) => (
        <StepBlock
          key={step.bay.id}
          yard={yard}
          found={judgement.found}
          when={judgement.when}
          look={look}
          step={step}
          number={index + 1}
          animals={animals}
        />
      ))}
      <WayPhotos placeId={yard.place.id} way={way} />
    </Screen>
  );
}

/** What it looks like where it begins. */
function WayPhotos({ placeId, way }: { readonly placeId: string; readonly way: WayIn }) {
  const bay = way.by[0]?.route.steps[0].bay;
  if (!bay) return null;
  const items = itemIdsOf(bay).filter((id) => id !== bay.id);
  return <Photos placeId={placeId} items={[bay.id, ...items]} name={bay.name} />;
}

/** Every barrier that any of them passes, in the order in which it is met. */
function stepsOf(way: WayIn): { step: RouteStep; animals: WayIn['by'][number]['animal'][] }[] {
  const steps = new Map<string, { step: RouteStep; animals: WayIn['by'][number]['animal'][] }>();
  for (const { animal, route } of way.by) {
    for (const step of route.steps) {
      const known = steps.get(step.bay.id);
      if (known) known.animals.push(animal);
      else steps.set(step.bay.id, { step, animals: [animal] });
    }
  }
  return [...steps.values()];
}

function numberOf(judgement: Judgement, way: WayIn): string {
  const index = judgement.waysIn.findIndex((it) => it.id === way.id);
  return index < 0 ? '(slow)' : String(index + 1);
}

function Closed({ look }: { readonly look: Look }) {
  return (
    <Screen>
      <View style={styles.head}>
        <Txt kind="title">{wayText.noWayInHereNow}</Txt>
        <Txt tone="ink2">{wayText.asItWasLastRead}</Txt>
        <Link href={{ pathname: '/', params: lookParams(look) }} style={styles.link}>
          <Txt kind="strong" tone="holds">
            {wayText.toTheYard}
          </Txt>
        </Link>
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({
  head: {
    padding: space.l,
    gap: space.s,
    borderBottomWidth: 1,
    borderBottomColor: color.hairline,
  },
  link: { paddingVertical: space.m },
});
