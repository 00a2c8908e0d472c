/** The flock: groups of birds, where each sleeps, where it is by day, and whether it ranges. */
import { flockText } from '@/words/screens/flock';
import type { ChangeMade } from '@/core/records/change-made';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { addGroup, changeGroup, dropGroup } from '@/core/place/edit/flock';
import { outside, type Group, type Place } from '@/core/place/place';
import { birdKinds } from '@/core/tables/bird-kinds';
import { fewerIn, groupAfter } from '@/core/records/flock-on';
import { DayField } from '@/features/edit/DayField';
import { NumberField } from '@/features/edit/NumberField';
import { TextField } from '@/features/edit/TextField';
import { UndoBar } from '@/features/edit/UndoBar';
import { useEdit, type Edit } from '@/features/edit/use-edit';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { newId } from '@/store/ids';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { birdNames, capital } from '@/words/names';
import { roomText } from '@/words/screens/room';
import { RoomPart } from './RoomPart';

export function FlockScreen({ yard }: { readonly yard: Yard }) {
  const { place, sightings } = yard;
  const { found } = useJudgement(yard);
  const edit = useEdit();
  const now = useMemo(
    () => ({ ...found.place, flock: place.flock.map((it) => groupAfter(it, sightings)) }),
    [found, place, sightings],
  );
  return (
    <Columns
      names={[flockText.theFlock, roomText.room]}
      head={
        <View style={styles.head}>
          <BackLink href="/place" name={flockText.place} />
          <Txt kind="title">{flockText.theFlock}</Txt>
          <Txt tone="ink2">{flockText.birdsThatSpendNightAnd}</Txt>
          {edit.trouble && <Notice>{edit.trouble}</Notice>}
          <UndoBar placeId={place.id} />
        </View>
      }
      left={
        <>
          {place.flock.map((group) => (
            <GroupPart
              key={group.id}
              place={place}
              group={groupAfter(group, sightings)}
              fewer={fewerIn(group.id, sightings)}
              edit={edit}
            />
          ))}
          <View style={styles.head}>
            <Button
              label={flockText.anotherGroup}
              onPress={() => edit.change('group', (it) => addGroup(it, newId))}
            />
          </View>
        </>
      }
      right={<RoomPart place={now} />}
    />
  );
}

interface Props {
  readonly place: Place;
  /** As losses have left it. */
  readonly group: Group;
  /** Birds that losses took off it: its number is told again without changing what was before them. */
  readonly fewer: number;
  readonly edit: Edit;
}

function GroupPart({ place, group, fewer, edit }: Props) {
  const set = (made: ChangeMade, change: Parameters<typeof changeGroup>[2]) =>
    edit.change(made, (it) => changeGroup(it, group.id, change));
  const zones = place.zones.map(({ id, name }) => [id, name] as const);
  const title = flockText.title(group.count, group.upTo, group.name ?? birdNames[group.kind]);
  return (
    <Part title={capital(title)}>
      <NumberField
        label={flockText.howMany}
        value={group.count}
        least={Math.min(1, group.count)}
        most={10_000}
        whole
        onChange={(count) => count !== undefined && set('how-many', { count: count + fewer })}
      />
      <NumberField
        label={flockText.upTo}
        value={group.upTo}
        least={1}
        most={10_000}
        whole
        onChange={(upTo) =>
          set('how-many', { upTo: upTo === undefined ? undefined : upTo + fewer })
        }
      />
      {fewer > 0 && <Txt tone="ink2">{flockText.lostOf(fewer)}</Txt>}
      <Choice
        label={flockText.whatTheyAre}
        options={birdKinds.map((it) => [it, birdNames[it]] as const)}
        value={group.kind}
        onChange={(kind) => set('what-they-are', { kind })}
      />
      {group.kind === 'chicks' && (
        <DayField
          label={flockText.grownOn}
          day={group.grownOn}
          onChange={(grownOn) => set('what-they-are', { grownOn })}
        />
      )}
      <TextField
        label={flockText.whatYouCallThem}
        text={group.name ?? ''}
        most={80}
        optional
        onChange={(name) => set('what-they-are-called', { name: name === '' ? undefined : name })}
      />
      <Choice
        label={flockText.theySleepIn}
        options={[...zones, [outside, flockText.aTreeOrAnywhereOutside]]}
        value={group.sleeps}
        onChange={(sleeps) => set('where-they-sleep', { sleeps })}
      />
      <Choice
        label={flockText.byDayTheyAreIn}
        options={[
          ['', flockText.theRunTheirHouseOpens],
          ...zones,
          [outside, flockText.theOpenAllDay],
        ]}
        value={group.days ?? ''}
        onChange={(days) => set('where-they-are-by-day', { days: days === '' ? undefined : days })}
      />
      <RangingFields group={group} zones={zones} set={set} />
      {place.flock.length > 1 && (
        <Button
          look="warn"
          label={flockText.takeAway(title)}
          onPress={() => edit.change('taking-a-group-away', (it) => dropGroup(it, group.id))}
        />
      )}
    </Part>
  );
}

interface RangingProps {
  readonly group: Group;
  readonly zones: readonly (readonly [string, string])[];
  readonly set: (made: ChangeMade, change: Parameters<typeof changeGroup>[2]) => void;
}

/** Mid-morning to dusk, until it is said otherwise. */
const usualHours = 5;

function RangingFields({ group, zones, set }: RangingProps) {
  const { ranging } = group;
  const change = (next: Partial<NonNullable<Group['ranging']>>) =>
    set('ranging', {
      ranging: { zone: outside, hours: usualHours, watched: true, ...ranging, ...next },
    });
  return (
    <>
      <Choice
        label={flockText.outOfTheRunTo}
        options={[
          ['never', 'never'],
          ['watched', flockText.whileSomeoneIsAbout],
          ['alone', flockText.withNobodyAbout],
        ]}
        value={ranging ? (ranging.watched ? 'watched' : 'alone') : 'never'}
        onChange={(it) =>
          it === 'never'
            ? set('ranging', { ranging: undefined })
            : change({ watched: it === 'watched' })
        }
      />
      {ranging && (
        <>
          <NumberField
            label={flockText.hoursADay}
            value={ranging.hours}
            least={0}
            most={24}
            onChange={(hours) => hours !== undefined && change({ hours })}
          />
          <Choice
            label={flockText.theyRange}
            options={[[outside, flockText.inTheOpen], ...zones]}
            value={ranging.zone}
            onChange={(zone) => change({ zone })}
          />
        </>
      )}
    </>
  );
}

const styles = StyleSheet.create({ head: { padding: space.l, gap: space.s } });
