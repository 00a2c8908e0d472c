/** How sure: figures that are bands, and patience, are drawn again many times; how often does the same item stay the weakest? */
import { sureText } from '@/words/screens/sure';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { findItem } from '@/core/place/find';
import type { HowSure } from '@/core/score/how-sure';
import type { Place } from '@/core/place/place';
import { LapSheet } from '@/features/look/LapSheet';
import { SitePlanSheet } from '@/features/look/SitePlanSheet';
import { lookParams, useLook, type Look } from '@/features/look/use-look';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Columns } from '@/ui/controls/Columns';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWide } from '@/ui/theme/use-wide';
import { useReckoning } from '@/workers/use-reckoning';
import { itemName } from '@/words/item-words';
import { capital } from '@/words/names';
import { scenarioNames } from '@/words/scenario-words';

export function SureScreen({ yard }: { readonly yard: Yard }) {
  const look = useLook();
  const { scenario, day } = look;
  const { place, walks, sightings } = yard;
  const [wanted, setWanted] = useState(true);
  const asked = useMemo(
    () =>
      wanted
        ? ({ what: 'sure', place, walks, log: sightings, scenario, date: day } as const)
        : undefined,
    [wanted, place, walks, sightings, scenario, day],
  );
  const it = useReckoning(asked);
  return (
    <Columns
      names={[sureText.howSure, sureText.whereItIs]}
      head={
        <View style={styles.head}>
          <BackLink href={{ pathname: '/', params: lookParams(look) }} name={sureText.yard} />
          <Txt kind="title" room={2}>
            {it.state === 'done' ? answerWords(place, it.answer) : sureText.howSure}
          </Txt>
          <Txt tone="ink2">{sureText.figuresThatAreBandsAre(scenarioNames[scenario][1])}</Txt>
        </View>
      }
      left={
        <>
          {it.state === 'working' && (
            <Part title={sureText.drawing}>
              <View
                role="progressbar"
                aria-label={sureText.drawsMade}
                aria-valuemin={0}
                aria-valuemax={it.all}
                aria-valuenow={it.done}
                style={styles.track}
              >
                <View style={[styles.bar, { width: `${Math.round((it.done / it.all) * 100)}%` }]} />
              </View>
              <Button look="plain" label={sureText.stop} onPress={() => setWanted(false)} />
            </Part>
          )}
          {it.state === 'idle' && (
            <Part title={sureText.stopped}>
              <Button look="plain" label={sureText.beginAgain} onPress={() => setWanted(true)} />
            </Part>
          )}
          {it.state === 'failed' && (
            <Part title={sureText.notReckoned}>
              <Txt tone="ink2">{sureText.thisBrowserDidNotRun}</Txt>
            </Part>
          )}
          {it.state === 'done' && (
            <Part title={sureText.whatCameOutWeakest}>
              <View>
                {it.answer.counts.map(({ item, count }) => {
                  const found = findItem(place, item);
                  const name = found ? capital(itemName(place, found)) : item;
                  const share = Math.round((count / it.answer.draws) * 100);
                  return (
                    <LinkRow
                      key={item}
                      href={{ pathname: '/item/[item]', params: { item, ...lookParams(look) } }}
                      says={sureText.inHundred(name, share)}
                      lead={<Txt kind="figure">{String(share)}</Txt>}
                    >
                      <Txt kind="strong">{name}</Txt>
                      <View style={styles.track}>
                        <View style={[styles.bar, { width: `${share}%` }]} />
                      </View>
                    </LinkRow>
                  );
                })}
              </View>
              {it.answer.counts.length === 0 && <Txt tone="ink2">{sureText.nothingGotInInAny}</Txt>}
              <Txt kind="small" tone="ink2">
                {sureText.ofDrawsAlwaysTheSame(it.answer.draws)}
              </Txt>
            </Part>
          )}
        </>
      }
      right={<Where yard={yard} look={look} />}
    />
  );
}

/** Plan and lap as they are judged, beside what came out weakest. */
function Where({ yard, look }: { readonly yard: Yard; readonly look: Look }) {
  const router = useRouter();
  const { found, marks, waysIn, whereabouts } = useJudgement(yard, look);
  const guess = usePageWidth('right');
  const drawn = {
    place: found.place,
    marks,
    ways: waysIn,
    selected: undefined,
    guess,
    onSelect: (item: string) =>
      router.push({ pathname: '/item/[item]', params: { item, ...lookParams(look) } }),
  };
  return useWide() ? (
    <>
      <SitePlanSheet {...drawn} whereabouts={whereabouts} tallest={380} />
      <LapSheet {...drawn} day={look.day} whole={false} />
    </>
  ) : null;
}

function answerWords(place: Place, { weakest, counts, draws }: HowSure): string {
  if (weakest === undefined) return sureText.nothingGetsInAsIt;
  const share = Math.round(
    ((counts.find(({ item }) => item === weakest)?.count ?? 0) / draws) * 100,
  );
  const found = findItem(place, weakest);
  const name = found ? capital(itemName(place, found)) : weakest;
  return sureText.staysTheWeakestTimesIn(name, share);
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  track: { height: 12, backgroundColor: color.ground, overflow: 'hidden' },
  bar: { height: 12, backgroundColor: color.holds },
});
