/** Pictures for the demo places, drawn by us: what a keeper would have held the phone at. SVG, 800 × 600. */

const [width, height] = [800, 600];

/** Even noise that is the same every time: no picture changes from one writing to the next. */
function noise(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 48_271) % 2_147_483_647;
    return state / 2_147_483_647;
  };
}

const rect = (x: number, y: number, w: number, h: number, fill: string, more = ''): string =>
  `<rect x="${x}" y="${y}" width="${w}" height="${h}" fill="${fill}" ${more}/>`;

const line = (x1: number, y1: number, x2: number, y2: number, stroke: string, wide = 2): string =>
  `<line x1="${x1}" y1="${y1}" x2="${x2}" y2="${y2}" stroke="${stroke}" stroke-width="${wide}" stroke-linecap="round"/>`;

/** Speckles over an area: earth, sawdust, the grain of a phone's camera at dusk. */
function speckled(
  seed: number,
  many: number,
  [x, y, w, h]: readonly [number, number, number, number],
  colors: readonly string[],
): string {
  const next = noise(seed);
  return Array.from({ length: many }, () => {
    const [px, py, r] = [x + next() * w, y + next() * h, 1 + next() * 4];
    const fill = colors[Math.floor(next() * colors.length)] ?? '';
    return `<ellipse cx="${px.toFixed(1)}" cy="${py.toFixed(1)}" rx="${(r * 1.6).toFixed(1)}" ry="${r.toFixed(1)}" fill="${fill}" opacity="0.55"/>`;
  }).join('');
}

const earth = (from: number): string =>
  rect(0, from, width, height - from, '#6d5a45') +
  speckled(7, 420, [0, from, width, height - from], ['#5b4a38', '#7f6b53', '#8d7a61', '#4c3e30']);

function grass(from: number, seed = 11): string {
  const next = noise(seed);
  return Array.from({ length: 120 }, () => {
    const [x, tall, lean] = [next() * width, 20 + next() * 50, (next() - 0.5) * 30];
    return `<path d="M${x.toFixed(1)} ${from} q${(lean / 2).toFixed(1)} ${(-tall / 2).toFixed(1)} ${lean.toFixed(1)} ${(-tall).toFixed(1)}" stroke="${next() > 0.5 ? '#5d7a3e' : '#48632f'}" stroke-width="3" fill="none"/>`;
  }).join('');
}

/** Welded mesh over an area, its wires so far apart. */
function mesh(x: number, y: number, w: number, h: number, apart: number): string {
  let wires = '';
  for (let at = x; at <= x + w; at += apart) wires += line(at, y, at, y + h, '#9aa0a0', 2.4);
  for (let at = y; at <= y + h; at += apart) wires += line(x, at, x + w, at, '#b3b8b6', 2.4);
  return wires;
}

const post = (x: number, y = 0, h = height): string =>
  rect(x, y, 74, h, '#8b6f4c') +
  [16, 34, 55].map((at) => line(x + at, y, x + at + 3, y + h, '#775d3d', 2)).join('');

const board = (x: number, y: number, w: number, h: number): string =>
  rect(x, y, w, h, '#b08d5f', 'rx="2"') +
  [0.3, 0.55, 0.8].map((at) => line(x, y + h * at, x + w, y + h * at + 2, '#9a794e', 2)).join('');

/** A folding rule, a hand's breadth of it, with its marks. */
function rule(x: number, y: number, tall: number): string {
  let marks = '';
  for (let at = 0; at <= tall; at += 9) {
    marks += line(x, y - at, x + (at % 45 === 0 ? 26 : 14), y - at, '#2a2a26', 2);
  }
  return rect(x, y - tall, 44, tall, '#e8d27a', 'rx="3"') + marks;
}

const picture = (body: string, light = 0): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">${body}${rect(0, 0, width, height, '#101820', `opacity="${light}"`)}</svg>`;

const sky = rect(0, 0, width, height, '#c9d3d2') + rect(0, 170, width, height - 170, '#8fa07e');

const toe = (x: number, y: number, rx: number, ry: number, turn = 0): string =>
  `<ellipse cx="${x}" cy="${y}" rx="${rx}" ry="${ry}" fill="#2f261d" transform="rotate(${turn} ${x} ${y})"/>`;

/** Five toes in a fan about a broad pad: somebody of the weasels' kind, in wet earth. */
const print = (x: number, y: number, size: number): string =>
  toe(x, y + 0.5 * size, 0.55 * size, 0.4 * size) +
  [-60, -30, 0, 30, 60]
    .map((turn) => {
      const angle = (turn * Math.PI) / 180;
      const [px, py] = [x + Math.sin(angle) * size, y - Math.cos(angle) * size * 0.8];
      return toe(Number(px.toFixed(1)), Number(py.toFixed(1)), 0.16 * size, 0.28 * size, turn);
    })
    .join('');

/** By name: what is on the picture. */
export const scenes = {
  /** Under the lowest wire of a bay one looks through; a rule held in the gap. */
  gapUnderSill: picture(
    sky +
      mesh(74, 0, 652, 380, 26) +
      rect(74, 372, 652, 22, '#8b6f4c') +
      grass(470) +
      earth(468) +
      post(0) +
      post(726) +
      rule(380, 468, 90),
  ),
  boardAlongSill: picture(
    sky +
      mesh(74, 0, 652, 350, 26) +
      grass(480) +
      earth(462) +
      board(40, 345, 720, 128) +
      post(0, 0, 470) +
      post(726, 0, 470) +
      [90, 250, 410, 570, 700].map((x) => toe(x, 380, 6, 6) + toe(x, 440, 6, 6)).join(''),
  ),
  patchTorn: picture(
    sky +
      mesh(0, 0, 800, 600, 26) +
      '<path d="M330 250 L470 230 L520 360 L430 420 L340 380 Z" fill="#7c8b6d" stroke="#3b3b35" stroke-width="4"/>' +
      mesh(300, 200, 140, 130, 20) +
      line(440, 250, 505, 205, '#9aa0a0', 5) +
      line(420, 330, 480, 395, '#9aa0a0', 5),
  ),
  patchStapled: picture(
    sky +
      mesh(0, 0, 800, 600, 26) +
      mesh(270, 170, 280, 280, 13) +
      [285, 350, 415, 480, 535]
        .flatMap((at) => [
          [at, 176],
          [at, 444],
          [276, at - 105],
          [544, at - 105],
        ])
        .map(([x = 0, y = 0]) => line(x - 9, y, x + 9, y, '#4b4f4d', 6))
        .join(''),
  ),
  printsInMud: picture(
    earth(0) +
      speckled(3, 160, [0, 0, 800, 600], ['#4a3d30', '#3b3026']) +
      print(230, 430, 46) +
      print(380, 330, 46) +
      print(500, 210, 44) +
      print(630, 120, 42) +
      rule(120, 500, 180),
    0.12,
  ),
  lidCorner: picture(
    rect(0, 0, width, height, '#c2c8c0') +
      board(0, 300, 800, 300) +
      board(60, 120, 680, 150) +
      '<path d="M60 270 L740 270 L740 296 L60 280 Z" fill="#1d1a16"/>' +
      rect(120, 250, 90, 26, '#5c6160', 'rx="4"') +
      rule(640, 300, 60) +
      speckled(5, 90, [60, 120, 680, 150], ['#8f7149']),
    0.05,
  ),
  brickIn: picture(
    rect(0, 0, width, height, '#8c8479') +
      Array.from({ length: 7 }, (_, row) =>
        Array.from({ length: 5 }, (__, col) =>
          rect(
            col * 180 - (row % 2) * 90,
            row * 88 + 4,
            172,
            80,
            (row + col) % 3 === 0 ? '#8e5743' : '#9c644d',
            'rx="3"',
          ),
        ).join(''),
      ).join('') +
      rect(270, 268, 172, 80, '#c9a386', 'rx="3"') +
      rect(262, 260, 188, 8, '#d8d2c6') +
      rect(262, 348, 188, 8, '#d8d2c6'),
  ),
  wireInGrass: picture(
    sky +
      earth(520) +
      grass(540, 17) +
      grass(560, 23) +
      post(360, 120, 420) +
      rect(348, 330, 20, 34, '#2b2b2b', 'rx="6"') +
      line(0, 352, 350, 346, '#d7dad8', 4) +
      line(366, 346, 800, 380, '#d7dad8', 4) +
      '<path d="M600 545 q14 -90 40 -176" stroke="#5d7a3e" stroke-width="6" fill="none"/><path d="M650 548 q-6 -80 -26 -170" stroke="#48632f" stroke-width="6" fill="none"/>',
  ),
} as const;

/** One of them. */
export type SceneName = keyof typeof scenes;
