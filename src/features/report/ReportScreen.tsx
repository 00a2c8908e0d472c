/** A report to hand to someone: the answer, plan and lap, ways in with their reasons, mends, and what to buy. Printed, or saved as PDF. */
import { reportText } from '@/words/screens/report';
import { StyleSheet, View } from 'react-native';
import { daysLater } from '@/core/schema/day';
import { lastNights } from '@/core/nights/history';
import type { NightState } from '@/core/nights/night';
import type { Loss } from '@/core/records/sighting';
import { inDateOrder } from '@/core/records/apply-readings';
import type { WayIn } from '@/core/routes/ways-in';
import { LapSheet } from '@/features/look/LapSheet';
import { SitePlanSheet } from '@/features/look/SitePlanSheet';
import { lookParams, useLook } from '@/features/look/use-look';
import type { Yard } from '@/store/records';
import { isLookedAt } from '@/core/walk/on-foot';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Column } from '@/ui/controls/Column';
import { Part } from '@/ui/controls/Part';
import { Screen } from '@/ui/controls/Screen';
import { ScreenOnly } from '@/ui/controls/ScreenOnly';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { usePrinting } from '@/ui/theme/printing';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWide } from '@/ui/theme/use-wide';
import { useRouter } from 'expo-router';
import { useAskedOf } from '@/workers/use-asked';
import { useReckoning } from '@/workers/use-reckoning';
import { livedWords, lossSentence } from '@/words/loss-words';
import { headline, holdWords, wayOnward, wayTitle } from '@/words/headline';
import { levelShort } from '@/words/minutes-words';
import { reasonWords } from '@/words/reason-words';
import { useShopping } from '@/workers/use-shopping';

export function ReportScreen({ yard }: { readonly yard: Yard }) {
  const router = useRouter();
  const look = useLook();
  const judgement = useJudgement(yard, look);
  const guess = usePageWidth('readable');
  const printing = usePrinting();
  const wide = useWide();
  const { found, waysIn, slowWays, marks, whereabouts, hold, stops } = judgement;
  const { list, mends: planned } = useShopping(yard, found.place);
  const { place, walks, sightings } = yard;
  const asked = { place, walks, log: sightings, scenario: look.scenario, date: look.day };
  const year = useReckoning(useAskedOf('year', asked));
  const losses = year.state === 'done' ? year.answer : undefined;
  const answer = headline(judgement, isLookedAt(walks, judgement));
  const walked = inDateOrder(yard.walks).at(-1)?.date;
  const drawn = {
    place: found.place,
    marks,
    ways: waysIn,
    selected: undefined,
    onSelect: (item: string) =>
      router.push({ pathname: '/item/[item]', params: { item, ...lookParams(look) } }),
    guess,
  };
  const paper = (
    <>
      <View style={styles.head}>
        <Txt kind="title">
          {yard.place.name}: {answer.answer} {answer.when}
        </Txt>
        <Txt>{answer.under}</Txt>
        <Txt tone="ink2">
          {reportText.standing(look.day, holdWords(hold), walked, stops.unread)}
        </Txt>
        {year.state !== 'failed' && (
          <Txt room={linesOfLosses(yard, wide)}>
            {reportText.lossesAYear(
              losses && `${lossSentence(losses, judgement.birds)} ${livedWords(losses)}`,
            )}
          </Txt>
        )}
      </View>
      <View role="group" aria-label={reportText.planAndLap}>
        <SitePlanSheet {...drawn} whereabouts={whereabouts} tallest={340} />
        <LapSheet {...drawn} day={look.day} whole={printing} />
      </View>
      <Part title={reportText.waysFound(waysIn.length)}>
        {waysIn.map((way, index) => (
          <WayLines key={way.id} judged={found.place} way={way} number={String(index + 1)} />
        ))}
        {waysIn.length === 0 && <Txt>{reportText.noneWasFoundThatTakes}</Txt>}
        {slowWays.length > 0 && <Txt kind="sub">{reportText.slowWaysAnHourAnd}</Txt>}
        {slowWays.map((way) => (
          <WayLines key={way.id} judged={found.place} way={way} />
        ))}
      </Part>
      <Part title={reportText.mends}>
        {yard.mends.map((mend) => (
          <Txt key={mend.id}>{reportText.mend(found.place, mend)}</Txt>
        ))}
        {yard.mends.length === 0 && <Txt>{reportText.noneInHand}</Txt>}
      </Part>
      <EveningLines yard={yard} today={look.today} />
      {list && planned.length > 0 && (
        <Part title={reportText.toBuy(yard.place, list.cents)}>
          {list.lines.map(({ sold, count: many, cents }) => (
            <Txt key={sold.id}>{reportText.sign(many, yard.place, sold, cents)}</Txt>
          ))}
          {list.cut.map(({ material, pieces }) => (
            <Txt key={material} tone="ink2">
              {reportText.isCutInto(yard.place.units, material, pieces.length)}
            </Txt>
          ))}
        </Part>
      )}
      <View style={styles.head}>
        <Txt kind="small" tone="ink2">
          {reportText.rookleRanksAndExplainsIt}
        </Txt>
      </View>
    </>
  );
  const choices = (
    <View style={styles.head}>
      <BackLink href="/records" name={reportText.records} />
      <Txt tone="ink2">{reportText.asItWillPrint}</Txt>
      <Button label={reportText.printOrSaveAsPdf} onPress={() => window.print()} />
    </View>
  );
  // On paper it runs from page to page by itself.
  return wide && !printing ? (
    <View style={styles.wide}>
      <View style={styles.choices}>{choices}</View>
      <Column name={reportText.theReport} style={styles.paper}>
        {paper}
      </Column>
    </View>
  ) : (
    <Screen>
      <ScreenOnly>{choices}</ScreenOnly>
      {paper}
    </Screen>
  );
}

/** How long the sentence about losses will be: where nothing was lived through it says what would tell more. */
const linesOfLosses = ({ place: { experience } }: Yard, wide: boolean): number =>
  experience ? (wide ? 2 : 4) : wide ? 3 : 5;

/** The evenings of the last sixty nights, and what was lost in a year. */
function EveningLines({ yard, today }: { readonly yard: Yard; readonly today: string }) {
  const { place, sightings: log } = yard;
  const marks = lastNights(place, log, today, sixty, () => undefined);
  const losses = log.filter(
    (it): it is Loss => it.what === 'loss' && it.date > daysLater(today, -daysInYear),
  );
  if (losses.length === 0 && marks.every(({ state }) => state === 'not-known')) return null;
  const nights = (state: NightState): number => marks.filter((it) => it.state === state).length;
  return (
    <Part title={reportText.eveningsAndLosses}>
      <Txt>{reportText.evenings(sixty, nights('shut'), nights('missed'))}</Txt>
      {losses.map((it) => (
        <Txt key={it.id}>{reportText.loss(place, it)}</Txt>
      ))}
      {losses.length === 0 && <Txt>{reportText.noneLost}</Txt>}
    </Part>
  );
}

const sixty = 60;
const daysInYear = 365;

interface WayProps {
  readonly judged: Parameters<typeof wayTitle>[0];
  readonly way: WayIn;
  readonly number?: string;
}

function WayLines({ judged, way, number }: WayProps) {
  const first = way.by[0]?.route.steps[0].by;
  return (
    <View>
      <Txt kind="strong">
        {number !== undefined && `${number}. `}
        {wayTitle(judged, way)} ({levelShort(way.minutes)})
      </Txt>
      <Txt>{wayOnward(judged, way)}</Txt>
      {first && <Txt tone="ink2">{reasonWords(judged, first)}</Txt>}
    </View>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  wide: { flex: 1, flexDirection: 'row', justifyContent: 'center', backgroundColor: color.field },
  choices: { width: 300, borderRightWidth: 1, borderRightColor: color.hairline },
  paper: { flex: 1, minWidth: 0, maxWidth: 860, backgroundColor: color.paper },
});
