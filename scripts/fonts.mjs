/** Copies the shipped fonts (SIL Open Font Licence) to public/fonts, where the page asks for them. */
import { copyFileSync, mkdirSync } from 'node:fs';
import { inRoot } from './steps.mjs';

const faces = [
  ['barlow-semi-condensed', '500'],
  ['barlow-semi-condensed', '600'],
  ['atkinson-hyperlegible-next', '400'],
  ['atkinson-hyperlegible-next', '700'],
];

export function copyFonts() {
  mkdirSync(inRoot('public', 'fonts'), { recursive: true });
  for (const [family, weight] of faces) {
    const from = inRoot('node_modules', '@fontsource', family);
    copyFileSync(
      `${from}/files/${family}-latin-${weight}-normal.woff2`,
      inRoot('public', 'fonts', `${family}-${weight}.woff2`),
    );
    copyFileSync(`${from}/LICENSE`, inRoot('public', 'fonts', `${family}-LICENSE.txt`));
  }
}
