/** One bay or one thing in it: who gets by it and how, what was read of it over time, photos, mends. */
import { itemText } from '@/words/screens/item';
import { Link, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { isFor, weakSpots } from '@/core/mends/spots';
import { findItem, itemId, itemsOf, type Item } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import { itemView } from '@/core/score/item-view';
import type { Judgement } from '@/core/score/judge';
import { questionsOf } from '@/core/walk/questions';
import { BayPicture } from '@/features/bay/BayPicture';
import { lookParams, useLook, type Look } from '@/features/look/use-look';
import { SpotBlock } from '@/features/way/StepBlock';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Columns } from '@/ui/controls/Columns';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Part } from '@/ui/controls/Part';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { lineCode } from '@/ui/theme/line-code';
import { space } from '@/ui/theme/tokens';
import { itemName } from '@/words/item-words';
import { mendName, mendStateWords } from '@/words/mend-words';
import { capital } from '@/words/names';
import { Photos } from '@/features/photos/Photos';
import { scenarioNames } from '@/words/scenario-words';
import { AttackBlock } from './AttackBlock';
import { ReadingsOverTime } from './ReadingsOverTime';
import { StrandLines } from './StrandLines';

export function ItemScreen({ yard, id }: { readonly yard: Yard; readonly id: string }) {
  const router = useRouter();
  const look = useLook();
  const judgement = useJudgement(yard, look);
  const { found } = judgement;
  const item = findItem(found.place, id);
  const view = itemView(judgement, id);
  if (!item || !view) return <Gone look={look} />;
  const { bay } = item;
  const name = itemName(found.place, item);
  const spots = weakSpots(found.place, bay, judgement.when).filter(({ spot, parts }) =>
    item.kind === 'bay' ? true : spot.item === id || parts.some((part) => part.item === id),
  );
  const question = questionsOf(found.place).find((it) => it.item === id || it.bay === id);
  return (
    <Columns
      names={[itemText.whoGetsByIt, itemText.readingsPhotosMends]}
      head={
        <View>
          <View style={styles.head}>
            <BackLink href={{ pathname: '/', params: lookParams(look) }} name={itemText.yard} />
            <Txt kind="title">{capital(name)}</Txt>
            <Txt kind="strong">{markWords(judgement, item)}</Txt>
            <Txt tone="ink2">{scenarioNames[look.scenario][1]}.</Txt>
          </View>
          <BayPicture judgement={judgement} id={bay.id} day={look.day} />
        </View>
      }
      left={
        <View>
          {view.attacks.map((attack) => (
            <AttackBlock key={attack.attack} found={found} view={attack} look={look} />
          ))}
          {view.attacks.length === 0 && (
            <Part title={itemText.whoGetsByIt}>
              <Txt tone="ink2">
                {item.kind === 'strand'
                  ? itemText.aStrandStopsNobodyBy
                  : itemText.nothingIsJudgedByThis}
              </Txt>
            </Part>
          )}
          {view.strands.length > 0 && <StrandLines strands={view.strands} />}
        </View>
      }
      right={
        <View>
          <ReadingsOverTime yard={yard} found={found} item={item} />
          <MendsHere yard={yard} judgement={judgement} item={item} spots={spots} />
          <Photos placeId={yard.place.id} items={[id]} name={name} />
          <Within place={found.place} item={item} look={look} />
          <View style={styles.head}>
            {question && (
              <Button
                look="plain"
                label={itemText.readAgain(name)}
                onPress={() =>
                  router.push({ pathname: '/walk/[question]', params: { question: question.id } })
                }
              />
            )}
            <Button
              look="plain"
              label={itemText.change(bay.name)}
              onPress={() => router.push({ pathname: '/bay/[bay]', params: { bay: bay.id } })}
            />
          </View>
        </View>
      }
    />
  );
}

function markWords({ marks }: Judgement, { bay }: Item): string {
  const mark = marks.get(bay.id) ?? 'unread';
  return `${capital(bay.name)}: ${lineCode[mark].name}`;
}

interface MendsProps {
  readonly yard: Yard;
  readonly judgement: Judgement;
  readonly item: Item;
  readonly spots: ReturnType<typeof weakSpots>;
}

function MendsHere({ yard, judgement, item, spots }: MendsProps) {
  // One against what is weak stands with it.
  const shown = new Set(spots.map((weak) => yard.mends.find((it) => isFor(it, weak))?.id));
  const inHand = yard.mends.filter(
    (mend) =>
      mend.bay === item.bay.id &&
      !shown.has(mend.id) &&
      (item.kind === 'bay' ||
        mend.spot.item === itemId(item) ||
        mend.targets.some((target) => target.item === itemId(item))),
  );
  if (inHand.length + spots.length === 0) return null;
  return (
    <Part title={itemText.mends}>
      {inHand.map((mend) => (
        <Link
          key={mend.id}
          href={{ pathname: '/mends/[id]', params: { id: mend.id } }}
          style={styles.link}
        >
          <Txt kind="strong" tone="holds">
            {mendName(mend)}: {mendStateWords[mend.state]}
          </Txt>
        </Link>
      ))}
      {spots.map((weak) => (
        <SpotBlock
          key={`${weak.spot.kind} ${weak.spot.item}`}
          yard={yard}
          found={judgement.found}
          weak={weak}
        />
      ))}
    </Part>
  );
}

/** What else is in the bay. */
function Within({
  place,
  item,
  look,
}: {
  readonly place: Place;
  readonly item: Item;
  readonly look: Look;
}) {
  const others = itemsOf(item.bay).filter((it) => itemId(it) !== itemId(item));
  if (others.length === 0) return null;
  return (
    <Part title={item.kind === 'bay' ? itemText.inThisBay : itemText.alsoInThisBay}>
      <View>
        {others.map((it) => (
          <LinkRow
            key={itemId(it)}
            href={{ pathname: '/item/[item]', params: { item: itemId(it), ...lookParams(look) } }}
            says={itemName(place, it)}
          >
            <Txt kind="strong">{capital(itemName(place, it))}</Txt>
          </LinkRow>
        ))}
      </View>
    </Part>
  );
}

function Gone({ look }: { readonly look: Look }) {
  return (
    <Screen>
      <View style={styles.head}>
        <BackLink href={{ pathname: '/', params: lookParams(look) }} name={itemText.yard} />
        <Txt kind="title">{itemText.thisIsNotHere}</Txt>
        <Txt tone="ink2">{itemText.itsWallWasChangedOr}</Txt>
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  link: { paddingVertical: space.m },
});
