/** One zone: its name, sizes, sides, roof, where it stands, whether it moves, when birds are in it. */
import { zoneText } from '@/words/screens/zone';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import {
  addRoofPart,
  describeZone,
  nightsOf,
  setNights,
  forget,
  moveZone,
  setRoof,
  setZoneHeight,
} from '@/core/place/edit/zones';
import { roofOf } from '@/core/place/find';
import { heightOf } from '@/core/place/faces/zone-dress';
import { movesOn, type Moves, type Place, type Zone } from '@/core/place/place';
import { SeasonsFields } from '@/features/edit/SeasonsFields';
import { NumberField } from '@/features/edit/NumberField';
import { LengthField } from '@/features/edit/LengthField';
import { TextField } from '@/features/edit/TextField';
import { UndoBar } from '@/features/edit/UndoBar';
import { useEdit, type Edit } from '@/features/edit/use-edit';
import type { Yard } from '@/store/records';
import { newId } from '@/store/ids';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { SitePlan } from '@/ui/drawings/SitePlan';
import { color, space } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWidth } from '@/ui/theme/use-width';
import { movesNames, zoneKindNames } from '@/words/edit-words';
import { capital } from '@/words/names';
import { roomText } from '@/words/screens/room';
import { SidesPart } from './SidesPart';
import { TakeAwayPart } from './TakeAwayPart';

const highest = 5000;

export function ZoneScreen({ yard, id }: { readonly yard: Yard; readonly id: string }) {
  const router = useRouter();
  const edit = useEdit();
  const judgement = useJudgement(yard);
  const { width, onLayout } = useWidth(usePageWidth('left'));
  const { place } = yard;
  const zone = place.zones.find((it) => it.id === id);
  const toBay = (bay: string) => router.push({ pathname: '/bay/[bay]', params: { bay } });
  const head = (
    <View style={styles.head}>
      <BackLink href="/place" name={zoneText.place} />
      <Txt kind="title">{zone ? capital(zone.name) : zoneText.itIsGone}</Txt>
      {zone && zone.name !== zoneKindNames[zone.kind] && (
        <Txt tone="ink2">{capital(zoneKindNames[zone.kind])}</Txt>
      )}
      {!zone && <Txt tone="ink2">{zoneText.itWasTakenAwayOr}</Txt>}
      {edit.trouble && <Notice>{edit.trouble}</Notice>}
      <UndoBar placeId={place.id} />
    </View>
  );
  if (!zone) return <Screen>{head}</Screen>;
  const parts = { place, zone, edit };
  return (
    <Columns
      names={[capital(zone.name), zoneText.sidesAndUse]}
      head={
        <>
          {head}
          <View style={styles.sheet} onLayout={onLayout}>
            <SitePlan
              place={judgement.found.place}
              marks={judgement.marks}
              ways={[]}
              width={width}
              tallest={360}
              selected={undefined}
              onSelect={toBay}
            />
          </View>
        </>
      }
      left={<SizePart {...parts} />}
      right={
        <>
          <SidesPart {...parts} />
          <RoofPart {...parts} />
          {zone.kind === 'house' && <InsidePart {...parts} />}
          <UsePart {...parts} />
          {place.zones.length > 1 && <TakeAwayPart {...parts} />}
        </>
      }
    />
  );
}

interface Props {
  readonly place: Place;
  readonly zone: Zone;
  readonly edit: Edit;
}

/** A hand, for setting it right by eye, mm: 100 mm, or four inches. */
const nudges: Readonly<Record<Place['units'], number>> = { metric: 100, imperial: 101.6 };

const moves = [
  ['◀', zoneText.moveItLeft, -1, 0],
  ['▲', zoneText.moveItUp, 0, 1],
  ['▼', zoneText.moveItDown, 0, -1],
  ['▶', zoneText.moveItRight, 1, 0],
] as const;

function SizePart({ place, zone, edit }: Props) {
  const nudge = nudges[place.units];
  const move = (x: number, y: number) =>
    edit.change('where-it-stands', (it) =>
      moveZone(it, zone.id, { x: x * nudge, y: y * nudge }, newId),
    );
  return (
    <Part title={zoneText.nameAndPlace}>
      <TextField
        label={zoneText.whatYouCallIt}
        text={zone.name}
        most={80}
        onChange={(name) => edit.change('its-name', (it) => describeZone(it, zone.id, { name }))}
      />
      <LengthField
        label={zoneText.heightOfItsWalls}
        mm={heightOf(zone)}
        units={place.units}
        longest={highest}
        onChange={({ mm }) => edit.change('its-height', (it) => setZoneHeight(it, zone.id, mm))}
      />
      {place.zones.length > 1 && (
        <>
          <Txt kind="strong">
            {zoneText.moveItOnThePlan(place.units === 'metric' ? '10 cm' : '4 in')}
          </Txt>
          <View style={styles.row}>
            {moves.map(([label, says, x, y]) => (
              <Button
                key={says}
                look="key"
                label={label}
                says={says}
                onPress={() => move(x, y)}
                style={styles.half}
              />
            ))}
          </View>
        </>
      )}
    </Part>
  );
}

const roofs = {
  open: ['open', 'open'],
  netting: ['netting', [{ is: 'hex-25' }]],
  mesh: [zoneText.weldedMesh, [{ is: 'welded-25' }]],
  sheet: [zoneText.sheetOrBoards, [{ is: 'sheet' }]],
  unread: [zoneText.somethingToBeLookedAt, [{ any: true }]],
} as const;

function RoofPart({ place, zone, edit }: Props) {
  const router = useRouter();
  const roof = roofOf(place, zone.id);
  return (
    <Part title={zoneText.aboveIt}>
      <Choice
        label={roof ? zoneText.thereIsARoofIt : zoneText.openAbovePutOverIt}
        options={(Object.keys(roofs) as (keyof typeof roofs)[]).map(
          (it) => [it, roofs[it][0]] as const,
        )}
        value={roof ? undefined : 'open'}
        onChange={(it) =>
          edit.change('what-is-above-it', (before) => setRoof(before, zone.id, roofs[it][1], newId))
        }
      />
      {roof?.bays.map((bay) => (
        <Button
          key={bay.id}
          look="plain"
          label={zoneText.change(bay.name)}
          onPress={() => router.push({ pathname: '/bay/[bay]', params: { bay: bay.id } })}
        />
      ))}
      {roof && (
        <Button
          look="key"
          label={zoneText.partOfItIsAnother}
          onPress={() =>
            edit.change('part-of-the-roof', (before) => addRoofPart(before, zone.id, newId))
          }
        />
      )}
    </Part>
  );
}

/** Perches and nests, for the room that the birds have. */
function InsidePart({ zone, edit, place }: Pick<Props, 'zone' | 'edit' | 'place'>) {
  const set = (what: 'perch' | 'nests', value: number | undefined) =>
    edit.change('what-is-inside', (it) =>
      value === undefined
        ? forget(it, zone.id, what)
        : describeZone(it, zone.id, { [what]: value }),
    );
  return (
    <Part title={roomText.inside}>
      <LengthField
        label={roomText.perch}
        mm={zone.perch}
        units={place.units}
        longest={longestPerch}
        onChange={({ mm }) => set('perch', mm)}
      />
      <NumberField
        label={roomText.nests}
        value={zone.nests}
        least={0}
        most={10_000}
        whole
        onChange={(nests) => set('nests', nests)}
      />
    </Part>
  );
}

/** Of a whole house, all its perches together, mm. */
const longestPerch = 1_000_000;

/** Days and a week or two: what keepers do. */
const nightsChoices = ['1', '2', '3', '7', '14'] as const;

function UsePart({ zone, edit, place }: Pick<Props, 'zone' | 'edit' | 'place'>) {
  return (
    <Part title={zoneText.itsUse}>
      <Choice
        label={zoneText.itMoves}
        options={[['never', 'never'], ...movesOn.map((it) => [it, movesNames[it]] as const)]}
        value={zone.moves ?? 'never'}
        onChange={(moves) =>
          edit.change('whether-it-moves', (it) =>
            moves === 'never'
              ? setNights(forget(it, zone.id, 'moves'), zone.id, undefined)
              : setNights(
                  describeZone(it, zone.id, { moves: moves as Moves }),
                  zone.id,
                  nightsOf(it, zone.id) ?? 1,
                ),
          )
        }
      />
      {zone.moves && (
        <Choice
          label={zoneText.nightsOnOneSpot}
          options={nightsChoices.map((it) => [it, it] as const)}
          value={String(nightsOf(place, zone.id) ?? '')}
          onChange={(nights) =>
            edit.change('nights-on-one-spot', (it) => setNights(it, zone.id, Number(nights)))
          }
        />
      )}
      <SeasonsFields
        word={zoneText.inUse}
        on={zone.inUse}
        onChange={(work) =>
          edit.change('when-it-is-in-use', (it) => {
            const inUse = work(it.zones.find(({ id }) => id === zone.id)?.inUse);
            return inUse ? describeZone(it, zone.id, { inUse }) : forget(it, zone.id, 'inUse');
          })
        }
      />
    </Part>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  sheet: { backgroundColor: color.ground },
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1 },
});
