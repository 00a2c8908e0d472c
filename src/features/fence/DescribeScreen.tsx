/** How the line is made: what stands on the plate, wire and shape, where it is fed, its earth, how it passes each door. Kept at every touch. */
import { StyleSheet, View } from 'react-native';
import { indexOnLine } from '@/core/fence/line-path';
import { lineShapes, lineReturns, type FenceLine } from '@/core/place/fence';
import { linePasses } from '@/core/place/bay';
import { isFixed } from '@/core/place/opening-cover';
import { changeBay } from '@/core/place/edit/change-bay';
import { fenceWires } from '@/core/tables/fence-wires';
import { UndoBar } from '@/features/edit/UndoBar';
import { useEdit } from '@/features/edit/use-edit';
import { StringLinePart } from '@/features/routine/StringLinePart';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Choice } from '@/ui/controls/Choice';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { FenceLap } from '@/ui/drawings/FenceLap';
import { space } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWidth } from '@/ui/theme/use-width';
import { capital } from '@/words/names';
import { fenceText, passNames, returnNames, shapeNames, wireNames } from '@/words/screens/fence';
import { EnergizerPart } from './EnergizerPart';
import { FirstStep } from './FirstStep';
import type { ChangeLine } from './change-line';
import { RodsPart } from './RodsPart';
import { useFence } from './use-fence';

export function DescribeScreen({ yard }: { readonly yard: Yard }) {
  const edit = useEdit();
  const { found } = useJudgement(yard);
  const { place } = found;
  const at = useFence(found);
  const { width, onLayout } = useWidth(usePageWidth('right') - 2 * space.l);
  if (!at) return <FirstStep place={place} mends={yard.mends} edit={edit} />;
  const { view, fence } = at;
  const { line } = fence;
  const changeLine: ChangeLine = (work) =>
    edit.change('the-line', (it) => {
      const changed = it.fence?.line && work(it.fence.line);
      return it.fence?.line && changed
        ? { ...it, fence: { ...it.fence, line: { ...it.fence.line, ...changed } } }
        : it;
    });
  const change = (changed: Partial<FenceLine>) => changeLine(() => changed);
  const { bays } = view.path;
  const fedAt = bays[view.path.feed]?.bay.id;
  const feedsAt = (bay: string) => indexOnLine(view.path, bay) >= 0 && change({ feedsAt: bay });
  const doors = bays.flatMap(({ bay }) =>
    bay.openings.filter((it) => !isFixed(it)).map((opening) => ({ bay, opening })),
  );
  return (
    <Columns
      names={[fenceText.describeTitle, fenceText.rods]}
      head={
        <View style={styles.head}>
          <BackLink href="/fence" name={fenceText.fence} />
          <Txt kind="title">{fenceText.describeTitle}</Txt>
          <Txt tone="ink2">{fenceText.describeWhy}</Txt>
          {edit.trouble && <Notice>{edit.trouble}</Notice>}
          <UndoBar placeId={place.id} />
        </View>
      }
      left={
        <>
          <EnergizerPart energizer={line.energizer} edit={edit} onChange={changeLine} />
          <Part title={fenceText.wireAndShape}>
            <Choice
              label={fenceText.wireIs}
              options={fenceWires.map((it) => [it, wireNames[it]] as const)}
              value={line.wire}
              onChange={(wire) => change({ wire })}
            />
            <Choice
              label={fenceText.itsEnd}
              options={lineShapes.map((it) => [it, shapeNames[it]] as const)}
              value={line.shape}
              onChange={(shape) => change({ shape })}
            />
            <Choice
              label={fenceText.backBy}
              options={lineReturns.map((it) => [it, returnNames[it]] as const)}
              value={line.back}
              onChange={(back) => change({ back })}
            />
            <Txt kind="small" tone="ink2">
              {fenceText.backWhy}
            </Txt>
            <StringLinePart place={place} edit={edit} />
          </Part>
        </>
      }
      right={
        <>
          <Part title={fenceText.fedAt}>
            <Txt tone="ink2">{fenceText.fedAtWhy}</Txt>
            <View onLayout={onLayout}>
              <FenceLap view={view} width={width} selected={fedAt} onSelect={feedsAt} />
            </View>
            <Choice
              label={fenceText.fedAt}
              options={bays.map(({ bay }) => [bay.id, capital(bay.name)] as const)}
              value={fedAt}
              onChange={feedsAt}
            />
          </Part>
          <RodsPart place={place} rods={line.rods} onChange={changeLine} />
          {doors.length > 0 && (
            <Part title={fenceText.crossings}>
              <Txt tone="ink2">{fenceText.crossingsWhy}</Txt>
              {doors.map(({ bay, opening }) => (
                <Choice
                  key={opening.id}
                  label={fenceText.passes(opening.name, bay.name)}
                  options={linePasses.map((it) => [it, passNames[it]] as const)}
                  value={opening.lineBy}
                  onChange={(lineBy) =>
                    edit.change('the-line', (it) =>
                      changeBay(it, bay.id, (own) => ({
                        ...own,
                        openings: own.openings.map((each) =>
                          each.id === opening.id ? { ...each, lineBy } : each,
                        ),
                      })),
                    )
                  }
                />
              ))}
            </Part>
          )}
        </>
      }
    />
  );
}

const styles = StyleSheet.create({ head: { padding: space.l, gap: space.s } });
