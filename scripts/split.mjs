/** Cuts the file all screens share in parts in dist/, and tells the page which is which (scripts/split-common.cjs, decision 20). */
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { inRoot } from './steps.mjs';

const { splitCommon } = createRequire(import.meta.url)('./split-common.cjs');

const address = '/_expo/static/js/web';
const folder = inRoot('dist', ...address.split('/'));
/** Loaded by every visit. */
const isEntry = /^entry-/;
const isLayout = /^_layout-/;
/** The main addresses, the first screen first; a screen's own file is told by the screen it shows. */
const screens = {
  '/': 'YardScreen',
  '/walk': 'WalkScreen',
  '/mends': 'MendsScreen',
  '/place': 'PlaceScreen',
};

const partNames = ['__common', '__main', '__rest'];

/** Gives the page with the new names in it, and a script that asks at once for what its address needs besides. */
export function splitShared(page) {
  const texts = readdirSync(folder)
    .filter((name) => name.endsWith('.js'))
    .map((name) => [name, readFileSync(join(folder, name), 'utf8')]);
  // Workers and the bundler's own runtime are whole in themselves and begin otherwise.
  const files = new Map(texts.filter(([, text]) => text.startsWith('__d(')));
  const common = only([...files.keys()].filter((name) => name.startsWith('__common-')));
  const layout = only([...files.keys()].filter((name) => isLayout.test(name)));
  const fileOf = (screen) =>
    only([...files].filter(([, text]) => text.includes(`.${screen},{`)).map(([name]) => name));
  const own = Object.entries(screens).map(([path, screen]) => [path, fileOf(screen)]);
  const [[, first], ...others] = own;
  const stages = [
    [only([...files.keys()].filter((name) => isEntry.test(name))), layout, first],
    others.map(([, name]) => name),
  ];
  const { parts, needs } = splitCommon({ files, common, stages });
  const names = parts.map((text, part) =>
    written(partNames[part], part === 0 ? ahead(text) : text),
  );
  rmSync(join(folder, common));
  for (const name of stages[0]) writeFileSync(join(folder, name), ahead(files.get(name)));
  const at = (name) => `${address}/${name}`;
  const before = Object.fromEntries(
    [...files.keys()]
      .filter((name) => name !== common && !isEntry.test(name))
      .map((name) => [at(name), (needs.get(name) ?? []).map((part) => at(names[part]))]),
  );
  const ownFiles = Object.fromEntries(own.map(([path, name]) => [path, at(name)]));
  const script = askAhead(
    JSON.stringify(before),
    JSON.stringify(at(layout)),
    JSON.stringify(ownFiles),
  );
  return page.replaceAll(common, names[0]).replace('</head>', `<script>${script}</script></head>`);
}

/**
 * Most of what comes first is run at once: a browser that knows the remark compiles all of it beside the main thread while it comes
 * in, not function by function when they are called.
 */
const ahead = (text) => `//# allFunctionsCalledOnLoad\n${text}`;

function written(name, text) {
  const hash = createHash('md5').update(text).digest('hex');
  writeFileSync(join(folder, `${name}-${hash}.js`), text);
  return `${name}-${hash}.js`;
}

function only(names) {
  if (names.length !== 1) throw new Error(`one file was expected, not ${names.length}: ${names}`);
  return names[0];
}

/** A script for the page: what an address needs is asked for at once, not when the entry has run. */
const askAhead = (before, layout, own) => `filesBefore=${before};filesFirst=[${layout}];{
const own=${own}[location.pathname];
if(own)filesFirst.push(own);
for(const href of own?[own,...filesBefore[own]]:[])
document.head.append(Object.assign(document.createElement('link'),{rel:'preload',as:'script',href}));}`;
