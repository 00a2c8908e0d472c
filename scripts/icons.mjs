/** Draws the icons an installed application needs from public/icon.svg. Run by hand when that changes; the pictures are kept. */
import { readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { ensureChromium } from './chromium.mjs';
import { inRoot } from './steps.mjs';

ensureChromium();
const svg = readFileSync(inRoot('public', 'icon.svg'), 'utf8');
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox'],
});

/** `share`: of the picture that the drawing takes; what is masked keeps a margin of the ground's colour. */
async function draw(name, size, share) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  const ground = share < 1 ? '#17211D' : 'transparent';
  await page.setContent(
    `<body style="margin:0;display:grid;place-items:center;height:100vh;background:${ground}">
      <div style="width:${share * 100}vw;height:${share * 100}vh">${svg}</div></body>`,
  );
  await page.screenshot({ path: inRoot('public', `${name}.png`), omitBackground: true });
  await page.close();
}

await draw('icon-192', 192, 1);
await draw('icon-512', 512, 1);
await draw('icon-maskable-512', 512, 0.72);
await browser.close();
