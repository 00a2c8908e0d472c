import { palettes } from './tokens';

/** WCAG 2.2 contrast ratio (W3C, “relative luminance”). */
function contrast(a: string, b: string): number {
  const [dark, light] = [luminance(a), luminance(b)].sort((x, y) => x - y) as [number, number];
  return (light + 0.05) / (dark + 0.05);
}

function luminance(hex: string): number {
  const channel = (at: number) => {
    const value = parseInt(hex.slice(at, at + 2), 16) / 255;
    return value <= 0.03928 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * channel(1) + 0.7152 * channel(3) + 0.0722 * channel(5);
}

test('the ratio is W3C’s: black on white is 21', () => {
  expect(contrast('#000000', '#FFFFFF')).toBeCloseTo(21);
});

const backgrounds = ['field', 'ground', 'paper'] as const;
const texts = ['ink', 'ink2', 'ink3', 'holds', 'hoursText', 'openText'] as const;

describe.each(Object.entries(palettes))('%s', (_, color) => {
  test.each(texts.flatMap((text) => backgrounds.map((ground) => [text, ground] as const)))(
    'text %s on %s has 4.5 : 1',
    (text, ground) => {
      expect(contrast(color[text], color[ground])).toBeGreaterThanOrEqual(4.5);
    },
  );

  test.each([
    ['onBar', 'bar'],
    ['onBar2', 'bar'],
    ['onHolds', 'holds'],
    ['onChosen', 'chosen'],
    ['onHouse', 'house'],
    ['onOpen', 'open'],
    ['ink2', 'soil'],
  ] as const)('text %s on %s has 4.5 : 1', (text, ground) => {
    expect(contrast(color[text], color[ground])).toBeGreaterThanOrEqual(4.5);
  });

  test.each(['holds', 'hours', 'open', 'ink2'] as const)(
    'line %s on the field has 3 : 1',
    (line) => {
      expect(contrast(color[line], color.field)).toBeGreaterThanOrEqual(3);
    },
  );
});
