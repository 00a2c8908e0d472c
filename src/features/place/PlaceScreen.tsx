/** The place itself: its plan and lap to touch, its zones, its birds, what lives near it, its file in and out. */
import { placeText } from '@/words/screens/place';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { areaOf, closeOutline } from '@/core/place/outline';
import type { Place } from '@/core/place/place';
import { setRegion, setWhere } from '@/core/place/setting';
import { withFlockOn } from '@/core/records/flock-on';
import { DamagedNotice } from '@/features/frame/DamagedNotice';
import { UndoBar } from '@/features/edit/UndoBar';
import { TextField } from '@/features/edit/TextField';
import { useEdit } from '@/features/edit/use-edit';
import type { Yard } from '@/store/records';
import { useToday } from '@/store/use-today';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { Columns } from '@/ui/controls/Columns';
import { FoldedPart } from '@/ui/controls/FoldedPart';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { WhereItStands } from '@/features/where/WhereItStands';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { zoneKindNames } from '@/words/edit-words';
import { animalList, birdNames, capital, regionNames, unitsNames } from '@/words/names';
import { AppearancePart } from './AppearancePart';
import { FileBlock } from './FileBlock';
import { KeepersPart } from './KeepersPart';
import { PlaceDrawings } from './PlaceDrawings';

export function PlaceScreen({ yard }: { readonly yard: Yard }) {
  const router = useRouter();
  const { trouble, change } = useEdit();
  const { place } = yard;
  const today = useToday();
  const birds = withFlockOn(place, yard.sightings, today);
  return (
    <Columns
      rightFirst
      names={[place.name, placeText.planAndLap]}
      head={
        <View style={styles.head}>
          <Txt kind="title">{place.name}</Txt>
          <Txt tone="ink2">{groupWords(birds)}</Txt>
          {trouble && <Notice>{trouble}</Notice>}
          {yard.damaged && <DamagedNotice damaged={yard.damaged} placeId={place.id} />}
          <UndoBar placeId={place.id} />
          <Button
            look="plain"
            label={placeText.otherPlaces}
            onPress={() => router.push('/places')}
          />
        </View>
      }
      right={<PlaceDrawings yard={yard} />}
      left={
        <>
          <Part title={placeText.whatStandsHere}>
            <View>
              {place.zones.map((zone) => (
                <LinkRow
                  key={zone.id}
                  href={{ pathname: '/zone/[zone]', params: { zone: zone.id } }}
                  says={placeText.change(zone.name)}
                >
                  <Txt kind="strong">
                    {capital(zone.name)}
                    {zone.name === zoneKindNames[zone.kind] ? '' : `, ${zoneKindNames[zone.kind]}`}
                  </Txt>
                  <Txt tone="ink2">{zoneWords(place, zone)}</Txt>
                </LinkRow>
              ))}
              <LinkRow href="/zone/new" says={placeText.addARunAHouse}>
                <Txt kind="strong" tone="holds">
                  {placeText.addARunAHouseA}
                </Txt>
              </LinkRow>
            </View>
          </Part>
          <Part title={placeText.whoLivesInItAnd}>
            <View>
              <LinkRow href="/flock" says={placeText.changeTheFlock}>
                <Txt kind="strong">{placeText.theFlock}</Txt>
                <Txt tone="ink2">{groupWords(birds)}</Txt>
              </LinkRow>
              <LinkRow href="/routine" says={placeText.changeTheRoutine}>
                <Txt kind="strong">{placeText.routineAndStrandHours}</Txt>
                <Txt tone="ink2">
                  {place.routine?.shuts
                    ? placeText.shutUpBy(place.routine.shuts)
                    : placeText.whoShutsUpWhoDoes}
                </Txt>
              </LinkRow>
            </View>
          </Part>
          <Part title={placeText.whatLivesNearYou}>
            <View>
              <LinkRow href="/lives" says={placeText.whatLivesHereAndWhat}>
                <Txt kind="strong">{placeText.whatLivesHereAndWhat}</Txt>
                <Txt tone="ink2">{capital(animalList(place.setting.lives))}.</Txt>
              </LinkRow>
            </View>
          </Part>
          <FoldedPart
            title={placeText.nameAndUnits}
            closed={placeText.nameAndWhere(
              place.name,
              unitsNames[place.units],
              regionNames[place.setting.region],
            )}
          >
            <TextField
              label={placeText.nameOfThePlace}
              text={place.name}
              most={80}
              onChange={(name) => change('name', (it) => ({ ...it, name }))}
            />
            <Choice
              label={placeText.units}
              options={Object.entries(unitsNames) as [Place['units'], string][]}
              value={place.units}
              onChange={(units) => change('units', (it) => ({ ...it, units }))}
            />
            <WhereItStands
              region={place.setting.region}
              where={place.setting.where}
              onRegion={(region) => change('region', (it) => setRegion(it, region))}
              onWhere={(where) => change('region', (it) => setWhere(it, where))}
            />
          </FoldedPart>
          <AppearancePart />
          <KeepersPart place={place} />
          <FileBlock yard={yard} />
          <Part title={placeText.howItJudges}>
            <View>
              <LinkRow href="/figures" says={placeText.everyFigureAndItsSource}>
                <Txt kind="strong" tone="holds">
                  {placeText.everyFigureAndItsSource}
                </Txt>
              </LinkRow>
              <LinkRow href="/how" says={placeText.howItIsJudged}>
                <Txt kind="strong" tone="holds">
                  {placeText.howItIsJudged}
                </Txt>
              </LinkRow>
            </View>
          </Part>
        </>
      }
    />
  );
}

function groupWords({ flock }: Place): string {
  return capital(
    flock.map(({ count: n, name, kind }) => `${n} ${name ?? birdNames[kind]}`).join(', '),
  );
}

function zoneWords({ units }: Place, zone: Place['zones'][number]): string {
  const { points, perimeter, misclosure } = closeOutline(zone.outline);
  const area = areaOf(points) / 1_000_000;
  const size =
    units === 'metric' ? `${area.toFixed(1)} m²` : placeText.sqFt(Math.round(area * 10.764));
  const round = placeText.round(perimeter, units, size, zone.outline.sides.length);
  return misclosure < worthSaying
    ? `${round}.`
    : placeText.asPacedItMissesIts(round, Math.round(misclosure), units);
}

/** A paced walk that closes to this is exact, mm. */
const worthSaying = 1;

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
});
