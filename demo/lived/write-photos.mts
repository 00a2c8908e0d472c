/** Draws the demo places' photos with the browser and writes them beside the places: `npm run demo:photos`, after a scene has changed. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumArguments, chromiumPath } from '../../e2e/places';
import type { Photo } from '../../src/store/photo-record';
import { takenAt } from './photos';
import { scenes } from './scenes';

/** Kept smaller than they are drawn: a visit has all of them sent. */
const scale = 0.6;
const drawn = { width: 800, height: 600 };
const size = { width: drawn.width * scale, height: drawn.height * scale };

const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments });
const page = await browser.newPage({ viewport: drawn, deviceScaleFactor: scale });
for (const [placeId, all] of Object.entries(takenAt)) {
  const photos: Photo[] = [];
  for (const { scene, item, date } of all) {
    await page.setContent(`<body style="margin:0">${scenes[scene]}</body>`);
    const jpeg = await page.screenshot({ type: 'jpeg', quality: 52 });
    photos.push({
      id: `photo-${placeId}-${photos.length + 1}`,
      placeId,
      item,
      date,
      at: `${date}T10:${String(10 + photos.length)}:00.000Z`,
      ...size,
      data: `data:image/jpeg;base64,${jpeg.toString('base64')}`,
    });
  }
  const file = join(import.meta.dirname, `${placeId}.photos.json`);
  writeFileSync(file, `${JSON.stringify(photos)}\n`);
}
await browser.close();
