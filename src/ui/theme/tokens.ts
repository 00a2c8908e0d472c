/**
 * Colour, type and space: the only place that names them. Every text pair meets WCAG 2.2 AA in both palettes
 * (tokens.test.ts computes it).
 */
const light = {
  ink: '#17211D',
  ink2: '#3B4943',
  ink3: '#4F5E57',
  field: '#F3F5F1',
  ground: '#E7ECE5',
  paper: '#FFFFFF',
  hairline: '#D3DAD4',
  holds: '#0C5F5B',
  onHolds: '#F3F5F1',
  hours: '#B7790B',
  hoursText: '#7F5305',
  open: '#C2371E',
  onOpen: '#FFFFFF',
  openText: '#A02A14',
  strand: '#E8A200',
  timber: '#6F5B3C',
  soil: '#D8D0C2',
  wire: '#7C8A82',
  hex: '#B08A4A',
  /** What is chosen of several, and what is written on it. */
  chosen: '#17211D',
  onChosen: '#F3F5F1',
  /** The bar or rail of the main places. */
  bar: '#17211D',
  onBar: '#F3F5F1',
  onBar2: '#B9C4BD',
  /** A house from above. */
  house: '#17211D',
  onHouse: '#F3F5F1',
};

export type Palette = Readonly<Record<keyof typeof light, string>>;

/** For dusk: dim, warm, no white that blinds; eyes that have got used to the dark keep seeing the yard. */
const dusk: Palette = {
  ink: '#D9D3C4',
  ink2: '#B9B3A4',
  ink3: '#A19C8D',
  field: '#14130F',
  ground: '#1E1C17',
  paper: '#191813',
  hairline: '#37342B',
  holds: '#4FA79C',
  onHolds: '#0D1211',
  hours: '#C98A1E',
  hoursText: '#D79B3A',
  open: '#DE6047',
  onOpen: '#140D0B',
  openText: '#EE7B62',
  strand: '#C98F10',
  timber: '#8A7651',
  soil: '#2A261D',
  wire: '#767062',
  hex: '#9A7B45',
  chosen: '#D9D3C4',
  onChosen: '#14130F',
  bar: '#0B0A08',
  onBar: '#D9D3C4',
  onBar2: '#A19C8D',
  house: '#3A362B',
  onHouse: '#D9D3C4',
};

/** For full sun on a phone: black on white, no tints that wash out. */
const sunlight: Palette = {
  ...light,
  ink: '#000000',
  ink2: '#1B211E',
  ink3: '#2C332F',
  field: '#FFFFFF',
  ground: '#E2E6DF',
  hairline: '#8C928E',
  holds: '#00403C',
  hours: '#8A5600',
  hoursText: '#5E3B00',
  open: '#A31C06',
  openText: '#8A1500',
  strand: '#E8A200',
  timber: '#54432A',
  soil: '#CFC5B2',
  wire: '#4A544E',
  hex: '#7C5A20',
  chosen: '#000000',
  onChosen: '#FFFFFF',
  bar: '#000000',
  onBar: '#FFFFFF',
  onBar2: '#DDE3DF',
  house: '#000000',
  onHouse: '#FFFFFF',
};

export const palettes = { light, sunlight, dusk } as const satisfies Readonly<
  Record<string, Palette>
>;

/** "var(--ink)": which palette it stands for is the page's (theme-css.ts). */
export const color = Object.fromEntries(
  Object.keys(light).map((name) => [name, `var(--${name})`]),
) as Palette;

export const font = {
  /** Figures and headings. */
  narrow: "'Barlow Semi Condensed', 'Arial Narrow', sans-serif",
  text: "'Atkinson Hyperlegible Next',Verdana,sans-serif",
} as const;

/** Steps of space, px. */
export const space = { xs: 4, s: 8, m: 12, l: 16, xl: 24, xxl: 40 } as const;

/** Smallest thing a wet glove has to hit, px. */
export const touch = 52;

/** From this width on there is a rail at the left and things stand side by side, px. */
export const wideFrom = 900;

/** The rail of a wide screen, and the column that text keeps to, px. */
export const railWidth = 124;
export const readableWidth = 720;
