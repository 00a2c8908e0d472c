/** The figures behind the sentence: hold with its range, birds lost in a year, how it came along, how sure it is. */
import { devicesText } from '@/words/screens/devices';
import { dueText } from '@/words/screens/due';
import { eveningText } from '@/words/screens/evening';
import { yardText } from '@/words/screens/yard';
import type { Href } from 'expo-router';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Judgement } from '@/core/score/judge';
import type { Judgements } from '@/core/score/judge-all';
import { movedByLog } from '@/core/score/moved-by-log';
import { tonight } from '@/core/score/tonight';
import { lookParams, type Look } from '@/features/look/use-look';
import type { Yard } from '@/store/records';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { useAskedOf } from '@/workers/use-asked';
import { useReckoning } from '@/workers/use-reckoning';
import { holdFigure, holdWords } from '@/words/headline';
import { livedWords, lossFigure, lossSentence, lossWords } from '@/words/loss-words';
import { scenarioNames } from '@/words/scenario-words';
import { DayChoice } from './DayChoice';
import { Trend } from './Trend';
import { useUndoBar } from './use-undo-bar';

interface Props {
  readonly yard: Yard;
  readonly look: Look;
  readonly judgement: Judgement;
  readonly all: Judgements | undefined;
}

export function Outlook({ yard, look, judgement, all }: Props) {
  const { place, walks, sightings } = yard;
  const { scenario, day } = look;
  const asked = { place, walks, log: sightings, scenario, date: day };
  const year = useReckoning(useAskedOf('year', asked));
  const trend = useReckoning(useAskedOf('trend', asked));
  // Only tonight's chance of a forgotten round is tonight's.
  const night = all && day === look.today ? tonight(all) : undefined;
  const moved = movedByLog(place, judgement.animals, sightings, day);
  const losses = year.state === 'done' ? year.answer : undefined;
  const params = lookParams(look);
  const undo = useUndoBar(place.id);
  const leads: readonly (readonly [string, Href])[] = [
    [dueText.due, '/due'],
    [devicesText.devices, '/devices'],
    [eveningText.nights, '/nights'],
    [yardText.theFence, '/fence'],
    [eveningText.whatHappened, '/happened'],
    [yardText.howItHasGoneHere, '/lived'],
    [yardText.compareTwoWalksOrBefore, { pathname: '/compare', params }],
    [yardText.howSureIsThis, { pathname: '/sure', params }],
  ];
  return (
    <View style={styles.box}>
      <Txt kind="heading">{yardText.inFigures}</Txt>
      <Row figure={holdFigure(judgement.hold)} unit={yardText.ofHundred}>
        <Txt kind="strong">{yardText.whatThePlaceTurnsAway}</Txt>
        <Txt tone="ink2">
          {yardText.itsShareOfAllThat(
            scenarioNames[scenario][1],
            night &&
              yardText.tonightWithARoundMissed(
                Math.round(night.missedRound * 1000) / 10,
                holdWords(night.hold).toLowerCase(),
              ),
          )}
        </Txt>
        {moved && <Txt tone="ink2">{yardText.movedByLog(moved)}</Txt>}
      </Row>
      <Row figure={losses ? lossFigure(losses) : '…'} unit={yardText.aYear}>
        <Txt kind="strong">{yardText.birdsLostInAYear}</Txt>
        {losses && <Txt>{lossSentence(losses, judgement.birds)}</Txt>}
        {losses && <Txt tone="ink2">{livedWords(losses)}</Txt>}
        <Txt tone="ink2">
          {year.state === 'failed'
            ? yardText.lossesCouldNotBeReckoned
            : yardText.ofAllFourScenariosAnd(
                judgement.birds,
                losses ? lossWords(losses.eggs) : '…',
              )}
        </Txt>
      </Row>
      <View style={styles.links}>
        {leads.map(([says, href]) => (
          <LinkRow key={says} href={href} says={says}>
            <Txt kind="strong" tone="holds">
              {says}
            </Txt>
          </LinkRow>
        ))}
      </View>
      {undo && <undo.UndoBar placeId={place.id} />}
      <DayChoice look={look} />
      {trend.state === 'done' && <Trend points={trend.answer} />}
    </View>
  );
}

function Row({
  figure,
  unit,
  children,
}: {
  readonly figure: string;
  readonly unit: string;
  readonly children: ReactNode;
}) {
  return (
    <View style={styles.row}>
      <View style={styles.lead}>
        <Txt kind="figure">{figure}</Txt>
        <Txt kind="small" tone="ink2">
          {unit}
        </Txt>
      </View>
      <View style={styles.words}>{children}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  box: {
    padding: space.l,
    gap: space.m,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  row: { flexDirection: 'row', gap: space.m },
  lead: { width: 84 },
  words: { flex: 1, gap: 2 },
  links: { marginHorizontal: -space.l },
});
