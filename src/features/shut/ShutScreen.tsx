/** The evening round: a line for each door and group as it must stand at dusk, and one button that says all of it. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { awayOn, learningOn } from '@/core/nights/away';
import { doorAtDusk, isWhole, restOf } from '@/core/nights/evening-now';
import { keeperOf } from '@/core/nights/missed-chance';
import { doorsOfRound } from '@/core/nights/shutters';
import { lastNights } from '@/core/nights/history';
import { opensByHand } from '@/core/effort/doors';
import { allBays } from '@/core/place/find';
import { mostOf } from '@/core/place/group-on';
import { groupAfter } from '@/core/records/flock-on';
import { tonight as holdTonight } from '@/core/score/tonight';
import { UndoBar } from '@/features/edit/UndoBar';
import { useAllScenarios } from '@/features/look/use-all-scenarios';
import type { Yard } from '@/store/records';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { NightMarks } from '@/ui/drawings/NightMarks';
import { color, readableWidth, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { shutText } from '@/words/screens/shut';
import { DoorLine } from './DoorLine';
import { GroupLine } from './GroupLine';
import { Line } from './Line';
import { duskAt, nightBefore, useEveningAt } from './use-evening';
import { useRoundPlace, useSaying, type Saying } from './use-saying';
import { WhenLine, WhoLine } from './WhoAndWhen';
import { Chips } from '@/ui/controls/Chips';

interface Props {
  readonly yard: Yard;
  /** The night asked about, by its evening; absent: the one that is on. */
  readonly asked: string | undefined;
}

export function ShutScreen({ yard, asked }: Props) {
  const router = useRouter();
  const wide = useWide();
  const { sightings: log } = yard;
  const place = useRoundPlace(yard);
  const at = useEveningAt(place, log, asked);
  const { night, tonight, dusk, now } = at;
  const cover = awayOn(log, night.date)?.covers;
  const [chosen, setBy] = useState<string>();
  const by = chosen ?? night.by ?? cover ?? keeperOf(place);
  const [minutesAgo, setMinutesAgo] = useState(0);
  const [showDoors, setShowDoors] = useState(false);
  const { busy, trouble, say, sayRest } = useSaying(
    place,
    log,
    at,
    by === keeperOf(place) ? undefined : by,
  );
  const isEvening = night.date === tonight && !at.isMorning;
  const rest = restOf(place, log, night);
  const done = isWhole(rest);
  const anySaid = night.said.length > 0;
  const round = doorsOfRound(place);
  const others = allBays(place)
    .flatMap(({ bay }) => bay.openings)
    .filter((it) => opensByHand(it) && !round.includes(it));
  const shownOthers = others.filter(({ id }) => showDoors || night.doors.has(id));
  const shutAt = (): Saying =>
    isEvening ? { shutAt: new Date(Date.now() - minutesAgo * 60_000).toISOString() } : {};
  const toYard = () => router.replace('/');
  const learning = learningOn(log, night.date);
  const main = done
    ? { label: shutText.toTheYard, press: toYard }
    : {
        label: anySaid ? shutText.restAsItShould : isEvening ? shutText.allShut : shutText.wasShut,
        press: () => void sayRest(shutAt()),
      };
  return (
    <View style={styles.page}>
      <ScrollView style={styles.scroll}>
        <View style={wide ? styles.beside : undefined}>
          <View style={styles.left}>
            <View style={styles.head}>
              <BackLink href="/" name={shutText.yard} />
              <Txt kind="title">
                {anySaid
                  ? shutText.said(place, night)
                  : shutText.title(night.date, night.date === tonight, at.isMorning)}
              </Txt>
              <Txt tone="ink2">
                {anySaid && night.shutAt
                  ? shutText.at(night.shutAt, by)
                  : dusk
                    ? isEvening
                      ? shutText.dark(dusk.dark, (dusk.dark.getTime() - now.getTime()) / 60_000)
                      : shutText.wasDark(dusk.dark)
                    : place.setting.position
                      ? shutText.noDusk
                      : shutText.noPosition}
              </Txt>
              {isEvening ? (
                <Tonight yard={yard} date={night.date} said={anySaid} />
              ) : (
                <Txt tone="ink2">{anySaid ? shutText.foundOpen : shutText.unknown}</Txt>
              )}
              {trouble && <Notice>{trouble}</Notice>}
              {learning.map((it) => (
                <Notice key={it.id} tone="hours">
                  {shutText.lookFor(place, it)}
                </Notice>
              ))}
            </View>
            <View role="list">
              {[...round, ...shownOthers].map((door) => (
                <DoorLine
                  key={door.id}
                  place={place}
                  door={door}
                  was={night.doors.get(door.id)}
                  onSay={(was) => void say({ doors: [doorAtDusk(door, was)] })}
                />
              ))}
              {place.flock
                .map((group) => groupAfter(group, log, night.date))
                .filter((group) => mostOf(group) > 0)
                .map((group) => (
                  <GroupLine
                    key={group.id}
                    group={group}
                    said={night.counts.get(group.id)}
                    onSay={(count) => void say({ counts: [count] })}
                  />
                ))}
              {place.fence && (
                <StrandLine strand={night.strand} onSay={(strand) => void say({ strand })} />
              )}
              <WhoLine place={place} log={log} by={by} onChange={setBy} />
              {isEvening && !done && <WhenLine minutesAgo={minutesAgo} onChange={setMinutesAgo} />}
            </View>
            <View style={styles.head}>
              {others.length > shownOthers.length && (
                <Button
                  look="plain"
                  label={shutText.anotherDoor}
                  onPress={() => setShowDoors(true)}
                />
              )}
              <Button
                look="plain"
                label={shutText.nightBefore}
                onPress={() => router.setParams({ night: nightBefore(night.date) })}
              />
              {night.date !== tonight && (
                <Button
                  look="plain"
                  label={shutText.thisNight}
                  onPress={() => router.setParams({ night: undefined })}
                />
              )}
            </View>
            <View style={styles.undo}>
              <UndoBar placeId={place.id} />
            </View>
            <LinkRow href="/happened" says={shutText.whatHappened}>
              <Txt kind="strong">{shutText.whatHappened}</Txt>
            </LinkRow>
          </View>
          {wide && (
            <View style={styles.right}>
              <NightMarks
                column="right"
                marks={lastNights(place, log, tonight, sixty, (date) => duskAt(place, date))}
              />
              <LinkRow href="/nights" says={shutText.nights}>
                <Txt kind="strong" tone="holds">
                  {shutText.nights}
                </Txt>
              </LinkRow>
            </View>
          )}
        </View>
      </ScrollView>
      <View style={styles.foot}>
        <Button label={main.label} disabled={busy} onPress={main.press} style={styles.main} />
      </View>
    </View>
  );
}

const sixty = 60;

/** The hold of the night as it was said to stand. */
function Tonight({
  yard,
  date,
  said,
}: {
  readonly yard: Yard;
  readonly date: string;
  readonly said: boolean;
}) {
  const all = useAllScenarios(yard, date);
  if (!said) return null;
  return (
    <Txt kind="strong" room={1}>
      {all && shutText.tonightHolds(holdTonight(all).hold)}
    </Txt>
  );
}

function StrandLine({
  strand,
  onSay,
}: {
  readonly strand: 'on' | 'off' | undefined;
  readonly onSay: (strand: 'on' | 'off') => void;
}) {
  const [isOpen, setOpen] = useState(false);
  const names = { on: shutText.on, off: shutText.off };
  return (
    <Line
      name={shutText.line}
      how={strand ? names[strand].toLowerCase() : shutText.shouldBeOn}
      tone={strand === undefined ? 'ink2' : strand === 'on' ? 'holds' : 'open'}
      isOpen={isOpen}
      onToggle={() => setOpen(!isOpen)}
    >
      <Chips
        options={[
          ['on', shutText.on],
          ['off', shutText.off],
        ]}
        value={strand}
        onChoose={(it) => {
          setOpen(false);
          onSay(it);
        }}
      />
    </Line>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1, backgroundColor: color.field },
  scroll: { flex: 1 },
  beside: { flexDirection: 'row' },
  left: { flex: 1, maxWidth: readableWidth },
  right: { flex: 1, padding: space.l, gap: space.m },
  head: { padding: space.l, gap: space.s },
  undo: { paddingHorizontal: space.l, paddingBottom: space.s },
  foot: {
    padding: space.m,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
    backgroundColor: color.field,
  },
  main: { minHeight: 64, maxWidth: readableWidth },
});
