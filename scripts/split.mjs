/** Cuts the file all screens share in parts in dist/, and tells the page which is which (scripts/split-common.cjs, decision 20). */
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { inRoot } from './steps.mjs';

const { addressesOf, routeFiles, splitCommon } = createRequire(import.meta.url)(
  './split-common.cjs',
);

const address = '/_expo/static/js/web';
const folder = inRoot('dist', ...address.split('/'));
/** The first screen, and the other main ones. */
const first = './index.tsx';
const others = ['./walk/index.tsx', './mends/index.tsx', './place.tsx'];

/** What the first screen shows below its answer. */
const below = 'below-';

const partNames = ['__common', '__below', '__main', '__rest'];

/** Gives the page with the new names in it, and a script that asks at once for what its address needs besides. */
export function splitShared(page) {
  const texts = readdirSync(folder)
    .filter((name) => name.endsWith('.js'))
    .map((name) => [name, readFileSync(join(folder, name), 'utf8')]);
  // Workers and the bundler's own runtime are whole in themselves and begin otherwise.
  const files = new Map(texts.filter(([, text]) => text.startsWith('__d(')));
  const common = only([...files.keys()].filter((name) => name.startsWith('__common-')));
  const entry = only([...files.keys()].filter((name) => name.startsWith('entry-')));
  const routes = routeFiles(files.get(entry));
  const fileOf = (route) => only(routes.has(route) ? [routes.get(route)] : []);
  const layout = fileOf('./_layout.tsx');
  const later = only([...files.keys()].filter((name) => name.startsWith(below)));
  const stages = [[entry, layout, fileOf(first)], [later], others.map(fileOf)];
  const { parts, needs } = splitCommon({ files, common, stages });
  const names = parts.map((text, part) =>
    written(partNames[part], part === 0 ? ahead(text) : text),
  );
  rmSync(join(folder, common));
  for (const name of stages[0]) writeFileSync(join(folder, name), ahead(files.get(name)));
  const besides = [...files.keys()]
    .filter((name) => name !== common && name !== entry)
    .map((name) => [name, needs.get(name) ?? []]);
  const script = askAhead({ parts: names, besides, layout, pages: addressesOf(routes) });
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
const askAhead = ({ parts, besides, layout, pages }) => `{
const at=(name)=>'${address}/'+name;
const parts=${JSON.stringify(parts)};
filesBefore=Object.fromEntries(${JSON.stringify(besides)}.map(([name,needs])=>[at(name),needs.map((part)=>at(parts[part]))]));
const own=${JSON.stringify(pages)}.find(([is])=>new RegExp(is).test(location.pathname));
filesFirst=[${JSON.stringify(layout)},...own?[own[1]]:[]].map(at);
for(const href of new Set(filesFirst.flatMap((file)=>[file,...filesBefore[file]])))
document.head.append(Object.assign(document.createElement('link'),{rel:'preload',as:'script',href}));}`;
