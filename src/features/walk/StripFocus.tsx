/** The bit of wall a question is about, drawn, with the spot to look at marked. */
import { walkText } from '@/words/screens/walk';
import { useMemo } from 'react';
import { StyleSheet, View, type ViewStyle } from 'react-native';
import { G, Path, Rect } from 'react-native-svg';
import { innerWalls, lapOf, type Lap } from '@/core/place/lap';
import type { BayId, Place } from '@/core/place/place';
import type { Judgement } from '@/core/score/judge';
import type { Question } from '@/core/walk/questions';
import { attributeDrawings } from '@/ui/drawings/attribute-drawings';
import { LapDrawing } from '@/ui/drawings/LapDrawing';
import { boxOf, lapLayout, type Box, type LapBox, type LapLayout } from '@/ui/drawings/lap-layout';
import { Txt } from '@/ui/controls/Txt';
import { color } from '@/ui/theme/tokens';
import { useReducedMotion } from '@/ui/theme/use-reduced-motion';
import { bayLabels } from '@/words/bay-labels';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWidth } from '@/ui/theme/use-width';

interface Props {
  readonly place: Place;
  readonly judgement: Judgement;
  readonly question: Question;
  /** px; as large as a stop has room for. */
  readonly height?: number;
  /** Whether what the bay is made of is written on it. */
  readonly labelled?: boolean;
}

const usualHeight = 116;
const frame = { above: 10, below: 34, margin: 0 };

export function StripFocus(props: Props) {
  // What is asked of the whole place has no bay to show.
  const { bay } = props.question;
  return bay === undefined ? null : <Strip {...props} bay={bay} />;
}

function Strip({
  place,
  judgement,
  question,
  bay,
  height = usualHeight,
  labelled = false,
}: Props & { readonly bay: BayId }) {
  const { width, onLayout } = useWidth(usePageWidth('full'));
  const still = useReducedMotion();
  const lap = useMemo(() => stripOf(place, question), [place, question]);
  const tallest = Math.max(...lap.bays.map(({ bay }) => bay.height), 1);
  const scale = (height - frame.above - frame.below) / tallest;
  const layout = useMemo(() => lapLayout(place, lap, { ...frame, scale }), [place, lap, scale]);
  const box = boxOf(layout, bay);
  if (!box) return null;
  const shift = width / 2 - (box.x + box.width / 2);
  return (
    <View style={[styles.window, { height }]} onLayout={onLayout}>
      <View
        style={[
          { transform: [{ translateX: shift }], width: layout.width },
          !still && styles.sliding,
        ]}
      >
        <LapDrawing
          place={place}
          layout={layout}
          marks={judgement.marks}
          ways={[]}
          selected={undefined}
          says={walkText.withItsNeighbours(box.bay.name)}
          labels={false}
        >
          <Dimmed layout={layout} except={bay} />
          <Spot layout={layout} box={box} question={question} />
        </LapDrawing>
      </View>
      {labelled && <Labels place={place} box={box} ground={layout.ground} />}
    </View>
  );
}

/** In the middle of the window, over the bay: wider than a narrow bay, so that they can be read. */
function Labels({
  place,
  box,
  ground,
}: {
  readonly place: Place;
  readonly box: LapBox;
  readonly ground: number;
}) {
  const { bands, ground: below } = bayLabels(place, box.bay);
  return (
    <View style={StyleSheet.absoluteFill} pointerEvents="none">
      {bands.map(({ id, label }) => {
        const drawn = box.bands.find((it) => it.id === id);
        if (!drawn) return null;
        return (
          <Label key={id} box={{ top: drawn.y, height: drawn.height }}>
            {label}
          </Label>
        );
      })}
      {below !== '' && <Label box={{ top: ground + 8, alignItems: 'flex-start' }}>{below}</Label>}
    </View>
  );
}

/** px; a line of words on its plate. */
const labelHeight = 20;

function Label({ box, children }: { readonly box: ViewStyle; readonly children: string }) {
  return (
    <View style={[styles.labelRow, box]}>
      <View style={styles.label}>
        <Txt kind="small" lines={2} style={styles.labelWords}>
          {children}
        </Txt>
      </View>
    </View>
  );
}

/** The strip a bay stands in: the lap, the house walls, or (overhead) itself alone. */
function stripOf(place: Place, { bay }: Question): Lap {
  const strip = [lapOf(place), innerWalls(place)].find(({ bays }) =>
    bays.some((it) => it.bay.id === bay),
  );
  if (strip) return strip;
  const face = place.faces.find((it) => it.bays.some((own) => own.id === bay));
  const own = face?.bays.find((it) => it.id === bay);
  if (!face || !own) return { bays: [], length: 0 };
  const nowhere = { x: 0, y: 0 };
  const flat = { ...own, bands: own.bands.map((band) => ({ ...band, from: 0, to: own.height })) };
  return {
    length: own.width,
    bays: [
      { bay: flat, face, sideName: own.name, from: 0, to: own.width, start: nowhere, end: nowhere },
    ],
  };
}

/** Neighbours step back, so that the bay asked about stands out without another line round it. */
function Dimmed({ layout, except }: { readonly layout: LapLayout; readonly except: string }) {
  return (
    <G>
      {layout.bays
        .filter(({ bay }) => bay.id !== except)
        .map(({ bay, x, width }) => (
          <Rect
            key={bay.id}
            x={x}
            y={0}
            width={width}
            height={layout.height}
            fill={color.field}
            opacity={0.6}
          />
        ))}
    </G>
  );
}

function Spot({ layout, box, question }: { layout: LapLayout; box: LapBox; question: Question }) {
  const { ground } = layout;
  const middle = box.x + box.width / 2;
  const { mark } = attributeDrawings[question.attribute];
  if (mark === 'ground-line' || mark === 'lifted-edge') {
    const up = mark === 'lifted-edge';
    return (
      <G stroke={color.open} strokeWidth={3} fill="none">
        <Path d={`M${box.x + 6} ${ground + 3}H${box.x + box.width - 6}`} />
        <Path
          d={
            up
              ? `M${middle} ${ground - 6}v-34m-8 10l8 -10l8 10`
              : `M${middle} ${ground + 38}v-28m-8 10l8 -10l8 10`
          }
        />
      </G>
    );
  }
  if (mark === 'below-ground') {
    return (
      <Rect
        x={box.x + 4}
        y={ground + 4}
        width={box.width - 8}
        height={layout.height - ground - 7}
        fill="none"
        stroke={color.open}
        strokeWidth={3}
      />
    );
  }
  const at = targetOf(box, question);
  return (
    <Rect
      x={at.x + 3}
      y={at.y + 3}
      width={Math.max(at.width - 6, 4)}
      height={Math.max(at.height - 6, 4)}
      fill="none"
      stroke={color.open}
      strokeWidth={3}
    />
  );
}

function targetOf(box: LapBox, { item, attribute }: Question): Box {
  const opening = box.openings.find(
    ({ opening: it }) =>
      it.id === item ||
      it.latches.some((latch) => latch.id === item) ||
      it.cover?.some((layer) => layer.id === item),
  );
  if (opening) return opening;
  const band = box.bay.bands.find((it) => it.layers.some((layer) => layer.id === item));
  const drawn =
    attributeDrawings[attribute].mark === 'band' && box.bands.find((it) => it.id === band?.id);
  return drawn || box;
}

const styles = StyleSheet.create({
  window: { overflow: 'hidden', backgroundColor: color.ground },
  labelRow: {
    position: 'absolute',
    left: 8,
    right: 8,
    alignItems: 'center',
    justifyContent: 'center',
  },
  label: {
    maxWidth: '100%',
    paddingHorizontal: 6,
    borderRadius: 4,
    backgroundColor: color.field,
    opacity: 0.92,
  },
  labelWords: { lineHeight: labelHeight, textAlign: 'center' },
  sliding: { transitionProperty: 'transform', transitionDuration: '200ms' } as object,
});
