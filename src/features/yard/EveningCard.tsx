/** The evening on the yard: when it gets dark, whether it was shut up, and the way to say so; in the morning, a night nobody spoke of. */
import { StyleSheet, View } from 'react-native';
import { isEveningLogKept } from '@/core/nights/evening-now';
import { nightOn } from '@/core/nights/night';
import { doorsOfRound } from '@/core/nights/shutters';
import type { Place } from '@/core/place/place';
import { nightBefore, useEveningAt } from '@/features/shut/use-evening';
import type { Yard } from '@/store/records';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Txt } from '@/ui/controls/Txt';
import { color } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { eveningText } from '@/words/screens/evening';

interface Props {
  readonly yard: Yard;
  /** As found. */
  readonly place: Place;
}

export function EveningCard({ yard: { sightings: log }, place }: Props) {
  const wide = useWide();
  const at = useEveningAt(place, log, undefined);
  const { night, tonight, isMorning, state, dusk, now } = at;
  if (doorsOfRound(place).length === 0 && place.flock.length === 0) return null;
  const before = nightOn(place, log, nightBefore(tonight));
  const wasUnsaid = !isMorning && isEveningLogKept(log, before.date) && before.said.length === 0;
  const says = isMorning
    ? eveningText.lastNight(place, night)
    : eveningText.evening(place, night, state, dusk && { dark: dusk.dark, now });
  // A morning is asked about where evenings are written down.
  if (isMorning && !isEveningLogKept(log, night.date)) return null;
  const head = (
    <Txt kind="strong" tone={says.isPressing ? 'open' : 'holds'}>
      {says.head}
    </Txt>
  );
  return (
    <View style={[styles.card, wide && styles.beside]}>
      <LinkRow href="/shut" says={`${says.head} ${says.under}`}>
        {wide || !says.isPressing ? (
          <Txt tone="ink2" lines={wide ? 3 : 1}>
            {head} {says.under}
          </Txt>
        ) : (
          <>
            {head}
            <Txt tone="ink2">{says.under}</Txt>
          </>
        )}
      </LinkRow>
      {wasUnsaid && (
        <LinkRow
          href={{ pathname: '/shut', params: { night: before.date } }}
          says={eveningText.lastNightUnknown}
        >
          <Txt kind="strong" tone="hours">
            {eveningText.lastNightUnknown}
          </Txt>
        </LinkRow>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  card: { backgroundColor: color.paper, borderBottomWidth: 1, borderBottomColor: color.hairline },
  beside: {
    flex: 1,
    borderBottomWidth: 0,
    borderRightWidth: 1,
    borderRightColor: color.hairline,
  },
});
