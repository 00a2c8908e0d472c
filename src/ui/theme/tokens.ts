/**
 * Colour, type and space: the only place that names them. Every text pair meets WCAG 2.2 AA on `field`,
 * `ground` and `paper` (tokens.test.ts computes it).
 */
export const color = {
  ink: '#17211D',
  ink2: '#3B4943',
  ink3: '#4F5E57',
  field: '#F3F5F1',
  ground: '#E7ECE5',
  paper: '#FFFFFF',
  hairline: '#D3DAD4',
  holds: '#0C5F5B',
  hours: '#B7790B',
  hoursText: '#7F5305',
  open: '#C2371E',
  openText: '#A02A14',
  strand: '#E8A200',
  timber: '#6F5B3C',
  soil: '#D8D0C2',
  wire: '#7C8A82',
  hex: '#B08A4A',
  onDark: '#F3F5F1',
  onDark2: '#B9C4BD',
} as const;

export const font = {
  /** Figures and headings. */
  narrow: "'Barlow Semi Condensed', 'Arial Narrow', sans-serif",
  text: "'Atkinson Hyperlegible Next', Verdana, sans-serif",
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
