import { render } from '@testing-library/react';
import Svg, { Rect } from 'react-native-svg';
import { color, palettes } from '../theme/tokens';
import { themeCss } from '../theme/theme-css';
import { pictureOf, withColours } from './picture-of';

test('a drawing leaves the page with its colours written out, a size and a namespace', () => {
  render(
    <Svg id="drawing" width={120} height={80}>
      <Rect x={0} y={0} width={10} height={10} fill={color.holds} />
    </Svg>,
  );
  const picture = pictureOf('drawing') ?? '';
  expect(picture).toContain('xmlns="http://www.w3.org/2000/svg"');
  expect(picture).toContain('viewBox="0 0 120 80"');
  expect(picture).toContain(palettes.light.holds);
  expect(picture).not.toContain('var(');
  const parsed = new DOMParser().parseFromString(picture, 'image/svg+xml');
  expect(parsed.querySelector('parsererror')).toBeNull();
});

test('what is not on the page is no picture', () => {
  expect(pictureOf('nowhere')).toBeUndefined();
});

test('every colour there is can be written out; what is none stays', () => {
  for (const [name, value] of Object.entries(color)) {
    expect(withColours(`fill="${value}"`)).toBe(
      `fill="${palettes.light[name as keyof typeof palettes.light]}"`,
    );
  }
  expect(withColours('var(--nothing)')).toBe('var(--nothing)');
});

test('the page gets every palette whole, dusk by choice and by the device', () => {
  // Daylight, sunlight, dusk twice, and daylight again on paper.
  for (const name of Object.keys(palettes.light)) {
    expect(themeCss.split(`--${name}:`)).toHaveLength(1 + 5);
  }
  expect(themeCss).toContain('prefers-color-scheme:dark');
});
