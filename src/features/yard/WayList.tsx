/** Ways in, worst first, each with its figure, and slow ways after them. */
import { yardText } from '@/words/screens/yard';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Judgement } from '@/core/score/judge';
import { causeOf } from '@/core/routes/way-cause';
import type { WayIn } from '@/core/routes/ways-in';
import type { Place } from '@/core/place/place';
import { waysOut } from '@/core/score/gets-out';
import { lookParams, type Look } from '@/features/look/use-look';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { wayOnward, wayTitle } from '@/words/headline';
import { wayOutWords } from '@/words/way-out-words';
import { levelShort } from '@/words/minutes-words';
import { lengthFigure, unitName } from '@/words/length-words';

interface Props {
  readonly judgement: Judgement;
  readonly look: Look;
}

export function WayList({ judgement, look }: Props) {
  const { place } = judgement.found;
  const { waysIn, slowWays, waysToEggs } = judgement;
  const out = judgement.scenario === 'day-run' ? waysOut(place, judgement.date) : [];
  if (waysIn.length + slowWays.length + waysToEggs.length + out.length === 0) return null;
  return (
    <View style={styles.list}>
      {waysIn.length + slowWays.length > 0 && (
        <Txt kind="heading" style={styles.heading}>
          {waysIn.length > 0 ? yardText.waysInHeading : yardText.slowWaysIn}
        </Txt>
      )}
      {waysIn.map((way, index) => (
        <WayRow key={way.id} {...rowOf(place, way)} look={look} number={index + 1} />
      ))}
      {waysIn.length > 0 && slowWays.length > 0 && (
        <Txt kind="sub" style={styles.heading}>
          {yardText.slowWaysAnHourAnd}
        </Txt>
      )}
      {slowWays.map((way) => (
        <WayRow key={way.id} {...rowOf(place, way)} look={look} />
      ))}
      {waysToEggs.length > 0 && (
        <Txt kind="sub" style={styles.heading}>
          {yardText.waysToEggs}
        </Txt>
      )}
      {waysToEggs.map((way) => (
        <WayRow key={way.id} {...rowOf(place, way)} look={look} />
      ))}
      {out.length > 0 && (
        <Txt kind="sub" style={styles.heading}>
          {yardText.yourBirdsGetOut}
        </Txt>
      )}
      {out.map((way) => (
        <Txt key={`${way.group.id} ${way.bay.id}`} style={styles.heading}>
          {wayOutWords(way, place)}
        </Txt>
      ))}
    </View>
  );
}

interface RowProps {
  readonly id: string;
  readonly title: string;
  readonly onward: string;
  readonly level: string;
  /** The opening that lets them by, as a figure; absent where it is something else. */
  readonly gap: string | undefined;
  readonly unit: string;
  readonly look: Look;
  /** Absent for a slow way. */
  readonly number?: number;
}

function rowOf(place: Place, way: WayIn): Omit<RowProps, 'look' | 'number'> {
  const reason = causeOf(way)?.part.reason;
  return {
    id: way.id,
    title: wayTitle(place, way),
    onward: wayOnward(place, way),
    level: levelShort(way.minutes),
    gap: reason?.kind === 'opening' ? lengthFigure(reason.opening, place.units) : undefined,
    unit: unitName(place.units),
  };
}

/** Made anew only where it says something else. */
const WayRow = memo(function WayRow({
  id,
  title,
  onward,
  level,
  gap,
  unit,
  look,
  number,
}: RowProps) {
  const isSlow = number === undefined;
  return (
    <LinkRow
      href={{ pathname: '/way/[id]', params: { id, ...lookParams(look) } }}
      says={`${isSlow ? yardText.slowWay : yardText.wayInNumber(number)}: ${title}`}
      lead={
        gap === undefined ? (
          <Txt kind="figure" tone={isSlow ? 'hours' : 'open'}>
            {isSlow ? level : String(number)}
          </Txt>
        ) : (
          <>
            <Txt kind="figure" tone="open">
              {gap}
            </Txt>
            <Txt kind="small" tone="ink2">
              {unit}
            </Txt>
          </>
        )
      }
    >
      <Txt kind="strong">{isSlow ? title : `${number}. ${title}`}</Txt>
      <Txt kind="body" tone="ink2">
        {onward}
      </Txt>
    </LinkRow>
  );
});

const styles = StyleSheet.create({
  list: { backgroundColor: color.paper },
  heading: { paddingHorizontal: space.l, paddingTop: space.m, paddingBottom: space.xs },
});
