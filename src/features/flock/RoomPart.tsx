/** How much room the birds have, beside what is asked for. */
import { useMemo } from 'react';
import { View } from 'react-native';
import type { Place } from '@/core/place/place';
import { roomForBirds, type Enough } from '@/core/room/room-for-birds';
import { useToday } from '@/store/use-today';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { roomAskedWords, roomHead } from '@/words/room-words';
import { roomText } from '@/words/screens/room';

const tones = {
  enough: 'holds',
  'for-some': 'hours',
  short: 'open',
  unsaid: 'ink2',
} as const satisfies Readonly<Record<Enough, string>>;

/** `place`: as found, with the flock as it is now. */
export function RoomPart({ place }: { readonly place: Place }) {
  const today = useToday();
  const rooms = useMemo(() => roomForBirds(place, today), [place, today]);
  if (rooms.length === 0) return null;
  return (
    <Part title={roomText.room}>
      <Txt tone="ink2">{roomText.why}</Txt>
      <View style={{ marginHorizontal: -space.l }}>
        {rooms.map((it) => {
          const [head, asked] = [roomHead(it, place.units), roomAskedWords(it, place.units)];
          return (
            <LinkRow
              key={`${it.zone.id} ${it.kind}`}
              href={{ pathname: '/zone/[zone]', params: { zone: it.zone.id } }}
              says={`${head}. ${asked}`}
            >
              <Txt kind="strong" tone={tones[it.is]}>
                {head}
              </Txt>
              <Txt tone="ink2">{asked}</Txt>
            </LinkRow>
          );
        })}
      </View>
    </Part>
  );
}
