/** The lap as a thing to touch: whole on a wide screen, sliding sideways on a phone. */
import { uiText } from '@/words/screens/ui';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { lapOf } from '@/core/place/lap';
import type { BayId, Place } from '@/core/place/place';
import type { WayIn } from '@/core/routes/ways-in';
import type { BayMark } from '@/core/score/judge';
import { Button } from '../controls/Button';
import { lineCode } from '../theme/line-code';
import { color, space, touch } from '../theme/tokens';
import { LapDrawing, lapSays } from './LapDrawing';
import { fittingScale, lapFrame } from './lap-frame';
import { boxOf, lapLayout } from './lap-layout';
import type { LapsTogether } from './use-laps-together';
import { touchSpans } from './touch-spans';
import { WallTouch } from './WallTouch';
import { WorkTag, type Works } from './WorkTag';

interface Props {
  readonly place: Place;
  readonly marks: ReadonlyMap<BayId, BayMark>;
  readonly ways: readonly WayIn[];
  readonly selected: BayId | undefined;
  readonly onSelect: (bay: BayId) => void;
  readonly width: number;
  /** True: the whole lap fits the width. False: it slides. */
  readonly whole: boolean;
  /** YYYY-MM-DD: seasonal cover is drawn as it is that day. */
  readonly day?: string | undefined;
  /** Numbers of planned mends, by bay. */
  readonly works?: Works | undefined;
  /** Where several slide as one. */
  readonly together?: LapsTogether | undefined;
}

/** px per mm where it slides: a bay is about as wide as a thumb is long. Nearer for a look at one bay, farther for a side at once. */
const slidingScales = [0.04, 0.075, 0.14, 0.25] as const;
export const usualZoom = 1;

export function Lap(props: Props) {
  const { place, marks, ways, selected, onSelect, width, whole, day, works, together } = props;
  const lap = useMemo(() => lapOf(place), [place]);
  const fitting = fittingScale(lap, width);
  const [ownZoom, setOwnZoom] = useState(usualZoom);
  const [zoom, setZoom] = together ? [together.zoom, together.onZoom] : [ownZoom, setOwnZoom];
  const scale = whole ? fitting : Math.max(slidingScales[zoom] ?? 0, fitting);
  const layout = useMemo(
    () => lapLayout(place, lap, lapFrame(lap, scale, day, width)),
    [place, lap, scale, day, width],
  );
  const spans = useMemo(() => touchSpans(layout.bays), [layout.bays]);
  const scroll = useRef<ScrollView>(null);
  const target = selected ?? (together ? together.target : ways[0]?.id);
  const box = target === undefined || whole ? undefined : boxOf(layout, target);
  // To the bay when another is meant or it has moved, not whenever something was read somewhere.
  const middle = box && box.x + box.width / 2;
  useEffect(() => {
    if (middle !== undefined) scroll.current?.scrollTo({ x: middle - width / 2, animated: false });
  }, [target, middle, width]);
  const move = useCallback((x: number) => scroll.current?.scrollTo({ x, animated: false }), []);
  const follow = together?.follow;
  useEffect(() => follow?.(move), [follow, move]);
  const strip = (
    <ScrollView
      ref={scroll}
      horizontal
      style={styles.strip}
      scrollEventThrottle={16}
      onScroll={together && (({ nativeEvent }) => together.slid(nativeEvent.contentOffset.x, move))}
      contentContainerStyle={{ width: Math.max(layout.width, width) }}
    >
      <View>
        <LapDrawing
          place={place}
          layout={layout}
          marks={marks}
          ways={ways}
          selected={selected}
          says={lapSays(place, lap.length)}
          labels
        >
          {works &&
            layout.bays.map(({ bay, x, width: wide }) => {
              const number = works.get(bay.id);
              return (
                number && (
                  <WorkTag key={bay.id} x={x + wide / 2} y={layout.ground - 26} number={number} />
                )
              );
            })}
        </LapDrawing>
        {layout.bays.map(({ bay }, index) => (
          <WallTouch
            key={bay.id}
            bay={bay.id}
            says={uiText.lap(bay.name, lineCode[marks.get(bay.id) ?? 'unread'].name)}
            pressed={selected === bay.id}
            onSelect={onSelect}
            left={(spans[index]?.x ?? 0) + 1}
            top={0}
            width={(spans[index]?.width ?? 0) - 2}
            height={layout.height}
          />
        ))}
      </View>
    </ScrollView>
  );
  if (whole) return strip;
  return (
    <View>
      {strip}
      <View style={styles.zoom}>
        <Button
          look="chip"
          label="–"
          says={uiText.lapSmaller}
          disabled={zoom === 0}
          onPress={() => setZoom(zoom - 1)}
          style={styles.key}
        />
        <Button
          look="chip"
          label="+"
          says={uiText.lapLarger}
          disabled={zoom === slidingScales.length - 1}
          onPress={() => setZoom(zoom + 1)}
          style={styles.key}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  strip: { backgroundColor: color.ground, flexGrow: 0 },
  zoom: { flexDirection: 'row', justifyContent: 'flex-end', gap: space.s, padding: space.s },
  key: { width: touch },
});
