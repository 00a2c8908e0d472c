/** Ways in, worst first, each with its figure, and slow ways after them. */
import { StyleSheet, View } from 'react-native';
import type { Judgement } from '@/core/score/judge';
import type { WayIn } from '@/core/routes/ways-in';
import type { Place } from '@/core/place/place';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { wayOnward, wayTitle } from '@/words/headline';
import { rungShort } from '@/words/minutes-words';
import { lengthFigure, unitName } from '@/words/length-words';

export function WayList({ judgement }: { readonly judgement: Judgement }) {
  const { place } = judgement.found;
  const { waysIn, slowWays } = judgement;
  if (waysIn.length + slowWays.length === 0) return null;
  return (
    <View style={styles.list}>
      <Txt kind="heading" style={styles.heading}>
        {waysIn.length > 0 ? 'Ways in' : 'Slow ways in'}
      </Txt>
      {waysIn.map((way, index) => (
        <WayRow key={way.id} place={place} way={way} number={index + 1} />
      ))}
      {waysIn.length > 0 && slowWays.length > 0 && (
        <Txt kind="sub" style={styles.heading}>
          Slow ways, an hour and more
        </Txt>
      )}
      {slowWays.map((way) => (
        <WayRow key={way.id} place={place} way={way} />
      ))}
    </View>
  );
}

interface RowProps {
  readonly place: Place;
  readonly way: WayIn;
  readonly number?: number;
}

function WayRow({ place, way, number }: RowProps) {
  const reason = way.by[0]?.route.steps[0].by.reason;
  const gap = reason?.kind === 'opening' ? reason.opening : undefined;
  const title = wayTitle(place, way);
  return (
    <LinkRow
      href={{ pathname: '/way/[id]', params: { id: way.id } }}
      says={`${number === undefined ? 'Slow way' : `Way in ${number}`}: ${title}`}
      lead={
        gap === undefined ? (
          <Txt kind="figure" tone={number === undefined ? 'hours' : 'open'}>
            {number === undefined ? rungShort(way.minutes) : String(number)}
          </Txt>
        ) : (
          <>
            <Txt kind="figure" tone="open">
              {lengthFigure(gap, place.units)}
            </Txt>
            <Txt kind="small" tone="ink2">
              {unitName(place.units)}
            </Txt>
          </>
        )
      }
    >
      <Txt kind="strong">{number === undefined ? title : `${number}. ${title}`}</Txt>
      <Txt kind="body" tone="ink2">
        {wayOnward(place, way)}
      </Txt>
    </LinkRow>
  );
}

const styles = StyleSheet.create({
  list: { backgroundColor: color.paper },
  heading: { paddingHorizontal: space.l, paddingTop: space.m, paddingBottom: space.xs },
});
