/** Starting shapes and their sizes, in words. */
import type { ShapeId, SizeId } from '@/core/place/shapes';

export const shapeNames: Readonly<Record<ShapeId, readonly [name: string, like: string]>> = {
  'side-by-side': ['House and run', 'side by side'],
  'run-round': ['House in a run', 'run all round it'],
  raised: ['House on sections', 'run beneath it'],
  shed: ['Shed or barn', 'no run'],
  kennel: ['Kennel panels', 'house inside'],
  'two-runs': ['Two runs', 'house between them'],
  strip: ['Long fenced strip', 'open above'],
  'a-frame': ['A-frame', 'carried to fresh ground'],
  deck: ['Triangle over a deck', 'birds sleep above, scratch below'],
  hoop: ['Hoop pen', 'on skids'],
  'low-box': ['Low box', 'on wheels'],
};

const runSizes: Readonly<Record<SizeId, string>> = {
  runWidth: 'Run, along the gate’s side',
  runDepth: 'Run, away from the gate',
  runHeight: 'Run, height',
  houseWidth: 'House, along its back',
  houseDepth: 'House, front to back',
  sections: 'House, height of its floor',
};

const penSizes: Partial<typeof runSizes> = {
  runWidth: 'Pen, along its front',
  runDepth: 'Pen, front to back',
  runHeight: 'Pen, height',
  houseWidth: 'Boarded end, length',
};

const own: Readonly<Partial<Record<ShapeId, Partial<typeof runSizes>>>> = {
  'side-by-side': { houseWidth: 'House, on from the run', houseDepth: 'House, front to back' },
  raised: { houseWidth: 'House, on from the run' },
  shed: { houseWidth: 'Along the front', houseDepth: 'Front to back', runHeight: 'Height' },
  'two-runs': { runWidth: 'Each run, along its gate’s side', runDepth: 'Each run, away from it' },
  strip: { runWidth: 'Strip, length', runDepth: 'Strip, across', runHeight: 'Fence, height' },
  'a-frame': {
    ...penSizes,
    runWidth: 'Pen, length of its mesh',
    runDepth: 'Pen, across',
    runHeight: 'Pen, height of its ridge',
  },
  deck: {
    ...penSizes,
    runWidth: 'Pen, length without the deck',
    runDepth: 'Pen, across',
    runHeight: 'Height of its ridge',
    houseWidth: 'Deck, length',
    sections: 'Deck, height above the ground',
  },
  hoop: penSizes,
  'low-box': penSizes,
};

/** What a shape's sizes are called; a paced place's are a run's. */
export const sizeNames =
  (shape: ShapeId | 'paced') =>
  (size: SizeId): string =>
    (shape !== 'paced' && own[shape]?.[size]) || runSizes[size];
