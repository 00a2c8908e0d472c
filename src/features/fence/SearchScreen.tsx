/** Where is it? One test a screen, the drawing closing in on the bay; ends in what it was, and in its mend. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { LeakTestResult } from '@/core/fence/find-leak';
import type { LeakTest } from '@/core/fence/leak-search';
import { hideFault, shownBy, type HiddenFault } from '@/core/fence/played-tester';
import { leakMend } from '@/core/mends/leak-mend';
import type { BayId } from '@/core/place/place';
import type { FenceTestMade } from '@/core/records/fence-test';
import { touching, type Touching } from '@/core/tables/shocking';
import { UndoBar } from '@/features/edit/UndoBar';
import { useEdit } from '@/features/edit/use-edit';
import { newId } from '@/store/ids';
import { localDay } from '@/store/local-day';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { useToday } from '@/store/use-today';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { FenceLap } from '@/ui/drawings/FenceLap';
import { FencePlan } from '@/ui/drawings/FencePlan';
import { space } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWidth } from '@/ui/theme/use-width';
import { bayName } from '@/words/fence-words';
import { touchingNames } from '@/words/names';
import { notSavedWords } from '@/words/not-saved-words';
import { fenceText } from '@/words/screens/fence';
import { FirstStep } from './FirstStep';
import { ReadIt } from './ReadIt';
import { TestsPart } from './TestsPart';
import { useFence, type FenceAt } from './use-fence';
import { standingAt, useSearch } from './use-search';

const planTallest = 340;

export function SearchScreen({ yard }: { readonly yard: Yard }) {
  const edit = useEdit();
  const { found } = useJudgement(yard);
  const at = useFence(found);
  if (!at) return <FirstStep place={found.place} mends={yard.mends} edit={edit} />;
  return <Search yard={yard} at={at} />;
}

function Search({ yard, at }: { readonly yard: Yard; readonly at: FenceAt }) {
  const router = useRouter();
  const edit = useEdit();
  const { logEntry, planAll } = useChanges();
  const today = useToday();
  const { place } = useJudgement(yard).found;
  const { width, onLayout } = useWidth(usePageWidth('left') - 2 * space.l);
  const [hidden, setHidden] = useState<HiddenFault>();
  const [practised, setPractised] = useState<readonly LeakTestResult[]>([]);
  const [anew, setAnew] = useState<string>();
  const found = useSearch(at, yard.sightings, hidden ? practised : undefined, anew);
  const { view, fence } = at;
  const { path } = view;
  const nameAt = (index: number) => bayName(place, idAt(index));
  const idAt = (index: number): BayId => path.bays[index]?.bay.id ?? '';
  const head = (title: string, why: string) => (
    <>
      <BackLink href="/fence" name={fenceText.fence} />
      {hidden && <Notice tone="hours">{fenceText.practising}</Notice>}
      <Txt kind="title" live>
        {title}
      </Txt>
      <Txt tone="ink2">{why}</Txt>
      {edit.trouble && <Notice>{edit.trouble}</Notice>}
    </>
  );
  if (!found) {
    return (
      <View style={styles.head}>
        {head(fenceText.searchTitle, fenceText.searchNeedsPlate)}
        <Button label={fenceText.describe} onPress={() => router.push('/fence/describe')} />
      </View>
    );
  }
  const { search, record, likely, step } = found;
  const keep = (made: 'a-test-on-the-line' | 'where-the-leak-is', entry: FenceTestMade) => {
    const now = new Date();
    edit.setTrouble(undefined);
    return logEntry(made, {
      what: 'fence-test',
      date: localDay(now),
      at: now.toISOString(),
      search: record?.id ?? anew ?? newId('search'),
      made: entry,
    }).then(
      () => true,
      (error: unknown) => {
        edit.setTrouble(notSavedWords(error));
        return false;
      },
    );
  };
  const tell = (test: LeakTest, volts: number) =>
    hidden
      ? setPractised([...practised, { test, volts }])
      : void keep(
          'a-test-on-the-line',
          test.kind === 'read'
            ? { by: 'read', bay: idAt(test.at), volts }
            : { by: 'open', before: idAt(test.into), volts },
        );
  const end = async (bay: BayId, touched: Touching | 'broken') => {
    const [wire] = path.bays.find((it) => it.bay.id === bay)?.bay.strands ?? [];
    const isBroken = touched === 'broken';
    const done = await keep(
      'where-the-leak-is',
      isBroken ? { by: 'broken', bay } : { by: 'found', bay, touched },
    );
    if (!done || !wire) return;
    if (!isBroken) {
      const said = { item: wire.id, attribute: 'strand.touching', value: { is: touched } } as const;
      if (!(await edit.say('what-touches-it', said, 'looked'))) return;
    }
    const mend = leakMend(place, { bay, broken: isBroken }, today, newId('mend'), '');
    if (!mend) return;
    try {
      await planAll([mend]);
      router.replace({ pathname: '/mends/[id]', params: { id: mend.id } });
    } catch (error) {
      edit.setTrouble(notSavedWords(error));
    }
  };
  const practise = () => {
    setPractised([]);
    setHidden(hideFault(search, Math.random(), Math.random()));
  };
  const [title, why] = stepWords();
  const at0 = step.kind === 'test' ? standingAt(step.test, path.feed) : undefined;
  const chosen = step.kind === 'found' ? step.bay : at0;
  return (
    <Columns
      names={[fenceText.searchTitle, fenceText.tests]}
      head={
        <View style={styles.head}>
          {head(title, why)}
          {!hidden && record === undefined && view.first.kind !== 'leak' && (
            <Txt kind="small" tone="ink2">
              {fenceText.lineIsWell}
            </Txt>
          )}
          <View onLayout={onLayout}>
            <FenceLap
              view={view}
              width={width}
              selected={chosen === undefined ? undefined : idAt(chosen)}
              suspects={likely}
            />
          </View>
          {step.kind === 'test' &&
            (hidden ? (
              <Button
                label={fenceText.practiseIt}
                onPress={() => tell(step.test, shownBy(search, step.test, hidden))}
              />
            ) : (
              <ReadIt key={JSON.stringify(step.test)} onRead={(volts) => tell(step.test, volts)} />
            ))}
          {hidden && step.kind !== 'test' && (
            <>
              <Txt kind="strong">
                {fenceText.practiceFound(nameAt(hidden.bay), practised.length)}
              </Txt>
              <Button label={fenceText.practiceOver} onPress={practise} />
            </>
          )}
          {!hidden && step.kind !== 'test' && (
            <EndOfSearch
              key={JSON.stringify(step)}
              bays={step.kind === 'found' ? [idAt(step.bay)] : step.bays.map(idAt)}
              isOfWire={step.kind === 'found' && (step.brokenInto ?? step.poorInto) !== undefined}
              nameOf={(bay) => bayName(place, bay)}
              onEnd={end}
              onClear={(bay) => void keep('a-test-on-the-line', { by: 'clear', bay })}
            />
          )}
          <UndoBar placeId={place.id} />
        </View>
      }
      left={
        <TestsPart
          place={place}
          path={path}
          record={hidden ? undefined : record}
          practised={hidden ? practised : undefined}
          likely={likely}
        />
      }
      right={
        <View style={styles.head}>
          <View style={styles.plan}>
            <FencePlan place={place} view={view} width={width} tallest={planTallest} />
          </View>
          {record === undefined && !hidden && <Txt tone="ink2">{fenceText.beforeEnergizer}</Txt>}
          {fence.line.shape === 'ring' && <Txt tone="ink2">{fenceText.ringFirst}</Txt>}
          <Txt tone="ink2">{fenceText.comesAndGoes}</Txt>
          <Notice tone="hours">{fenceText.onlyFromAListedEnergizer}</Notice>
          {!hidden && record && (
            <Button
              look="plain"
              label={fenceText.beginAnew}
              onPress={() => setAnew(newId('search'))}
            />
          )}
          {hidden ? (
            <Button
              look="plain"
              label={fenceText.endPractice}
              onPress={() => setHidden(undefined)}
            />
          ) : (
            <Button look="plain" label={fenceText.practise} onPress={practise} />
          )}
        </View>
      }
    />
  );
  function stepWords(): readonly [title: string, why: string] {
    if (step.kind === 'found') {
      const { bay, brokenInto, poorInto } = step;
      if (brokenInto !== undefined) {
        return [
          fenceText.foundBroken(nameAt(brokenInto - 1), nameAt(brokenInto)),
          fenceText.brokenWhy,
        ];
      }
      return poorInto === undefined
        ? [fenceText.found(nameAt(bay)), '']
        : [fenceText.foundPoor(nameAt(poorInto - 1), nameAt(poorInto)), fenceText.poorWhy];
    }
    if (step.kind === 'look') return [fenceText.lookAt(step.bays.map(nameAt)), ''];
    const { test } = step;
    if (test.kind === 'read') return [fenceText.read(nameAt(test.at)), fenceText.readWhy];
    return [
      fenceText.openAt(nameAt(test.into - 1), nameAt(test.into)),
      fenceText.openWhy(nameAt(standingAt(test, path.feed))),
    ];
  }
}

const broken = ['broken', fenceText.wireBroken] as const;
const leaks = touching
  .filter((it) => it !== 'nothing')
  .map((it) => [it, touchingNames[it][0]] as const);

/** What it was, in the bay that it is in; the likelier first. */
function EndOfSearch({
  bays,
  isOfWire,
  nameOf,
  onEnd,
  onClear,
}: {
  readonly bays: readonly BayId[];
  /** The wire or a joint of it, no leak. */
  readonly isOfWire: boolean;
  readonly nameOf: (bay: BayId) => string;
  readonly onEnd: (bay: BayId, touched: Touching | 'broken') => void;
  readonly onClear: (bay: BayId) => void;
}) {
  const [bay, setBay] = useState(bays[0]);
  return (
    <View style={styles.end}>
      {bays.length > 1 && (
        <Choice
          label={fenceText.searchTitle}
          options={bays.map((it) => [it, nameOf(it)] as const)}
          value={bay}
          onChange={setBay}
        />
      )}
      <Choice
        label={fenceText.hereItIs}
        options={isOfWire ? [broken, ...leaks] : [...leaks, broken]}
        value={undefined}
        onChange={(it) => bay !== undefined && onEnd(bay, it)}
      />
      <Button
        look="plain"
        label={fenceText.nothingThere}
        onPress={() => bay !== undefined && onClear(bay)}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.m },
  plan: { alignItems: 'center' },
  end: { gap: space.m },
});
