/** The palettes as custom properties of the page: light or dusk as the keeper says, else as the device does. */
import { palettes, type Palette } from './tokens';

export const appearances = ['device', 'light', 'sunlight', 'dusk'] as const;
export type Appearance = (typeof appearances)[number];

const rules = (palette: Palette): string =>
  Object.entries(palette)
    .map(([name, value]) => `--${name}:${value}`)
    .join(';');

/** On paper: ink on white, nothing to press, pages as long as what is on them. */
const printRules = [
  `:root:root{color-scheme:light;${rules({ ...palettes.light, field: palettes.light.paper })}}`,
  '@page{margin:14mm}',
  'html,body,#root{height:auto!important;overflow:visible!important;background:#FFFFFF!important}',
  '#root div{overflow:visible!important}',
  // Columns beside each other and columns that scroll are made for a window.
  '#root,#root>div,[role=main],[role=main]>div{display:block!important;height:auto!important}',
  '[role=navigation],.screen-only,.screen-only *{display:none!important}',
  'svg,[role=img],[role=checkbox]{break-inside:avoid}',
  'h1,h2,h3{break-after:avoid}',
].join('\n');

export const themeCss = [
  `:root{color-scheme:light;${rules(palettes.light)}}`,
  `:root[data-appearance=sunlight]{color-scheme:light;${rules(palettes.sunlight)}}`,
  `:root[data-appearance=dusk]{color-scheme:dark;${rules(palettes.dusk)}}`,
  `@media (prefers-color-scheme:dark){:root:not([data-appearance=light],[data-appearance=sunlight]){color-scheme:dark;${rules(palettes.dusk)}}}`,
  'body{background:var(--field)}',
  `@media print{${printRules}}`,
].join('\n');

let installed: CSSStyleSheet | undefined;

/** Put to the page once, before anything is drawn: as a sheet of its own, since the page allows no style that is written into it. */
export function installTheme(): void {
  if (typeof document === 'undefined' || installed) return;
  installed = new CSSStyleSheet();
  installed.replaceSync(themeCss);
  document.adoptedStyleSheets = [...document.adoptedStyleSheets, installed];
}

export function showAppearance(appearance: Appearance): void {
  document.documentElement.dataset.appearance = appearance;
}
