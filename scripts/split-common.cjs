/**
 * The bundler lays what any two screens share into one file that every visit loads, though the first screen asks for half of it. This cuts
 * it into parts: what the first screen needs, what the other main screens need besides, and the rest (decision 20).
 */

/** A module: `__d(function…,12,[3,4]);`, its dependencies an object where some are loaded when asked for. */
const definition = /^__d\(.*,(\d+),(\[[^\]]*\]|\{.*\})\);$/s;
const begins = /^(?=__[dr]\()/m;
const isCall = /^__r\(/;
/** A route in the entry's list of them, with the number of its file's module among the dependencies. */
const route = /"(\.\/[^"]+\.tsx)":\{enumerable:!0,get:\(\)=>\w+\(\w+\[\d+\]\)\(\w+\[(\d+)\],/g;
/** Where a map of the source would be found. */
const remark = /^\/\/[#@].*$/gm;

/** Modules of a file with what each asks for at once; dependencies loaded when asked for, from files of their own, are left out. */
function modulesIn(text) {
  return text
    .replace(remark, '')
    .split(begins)
    .map((piece) => piece.trim())
    .filter((piece) => piece !== '' && !isCall.test(piece))
    .map((code) => {
      const [, id, list] = definition.exec(code) ?? [];
      if (id === undefined) throw new Error(`no module: ${code.slice(0, 80)}`);
      const { paths = {}, ...named } = JSON.parse(list);
      const needs = Object.values(named).filter((it) => it !== null && !(it in paths));
      return { id: Number(id), needs, code };
    });
}

/** Every id that is run with these, by way of what they ask for. */
function reachedFrom(ids, byId) {
  const reached = new Set();
  const open = [...ids];
  while (open.length > 0) {
    const id = open.pop();
    if (reached.has(id)) continue;
    reached.add(id);
    open.push(...(byId.get(id)?.needs ?? []));
  }
  return reached;
}

/**
 * `files`: text by name; `common`: name of the shared one; `stages`: names of files, those every visit loads first. Gives the shared file's
 * parts, one for each stage and one for what is left, and for each file that needs any part but the first, which (counted from 0).
 * Throws where the bundler writes otherwise.
 */
exports.splitCommon = ({ files, common, stages }) => {
  const modules = new Map([...files].map(([name, text]) => [name, modulesIn(text)]));
  const byId = new Map([...modules.values()].flat().map((it) => [it.id, it]));
  const reachedBy = (names) =>
    reachedFrom(
      names.flatMap((name) => modules.get(name).map(({ id }) => id)),
      byId,
    );
  const reached = stages.map(reachedBy);
  const partOf = (id) => {
    const stage = reached.findIndex((ids) => ids.has(id));
    return stage === -1 ? stages.length : stage;
  };
  const shared = modules.get(common);
  const parts = [...stages, []].map((_, part) => shared.filter(({ id }) => partOf(id) === part));
  const needs = new Map();
  for (const name of files.keys()) {
    if (name === common) continue;
    const ids = reachedBy([name]);
    const needed = parts.flatMap((part, at) => (part.some(({ id }) => ids.has(id)) ? [at] : []));
    const besides = needed.filter((part) => part > 0);
    if (besides.length > 0) needs.set(name, besides);
  }
  return { parts: parts.map((part) => part.map(({ code }) => code).join('\n')), needs };
};

/** Of the entry: the name of each route's file by where the route stands in src/app, like `./walk/[question].tsx`. */
exports.routeFiles = (entry) => {
  const lists = modulesIn(entry).filter(({ code }) => code.includes('"./_layout.tsx":{'));
  const routes = lists.flatMap(({ code }) => {
    const { paths, ...named } = JSON.parse(definition.exec(code)[2]);
    return [...code.matchAll(route)].map(([, key, at]) => [
      key,
      paths[named[at]].split('/').at(-1),
    ]);
  });
  if (routes.length === 0) throw new Error('no routes in the entry');
  return new Map(routes);
};

/** What addresses a route answers, as the text of a regular expression; with its file; whole names before patterns. */
exports.addressesOf = (routes) =>
  [...routes.keys()]
    .filter((key) => !/\/[_+][^/]*$/.test(key))
    .sort((a, b) => Number(a.includes('[')) - Number(b.includes('[')))
    .map((key) => {
      const path = key.slice(1, -'.tsx'.length).replace(/\/index$/, '');
      return [`^${path.replace(/\[[^\]]+\]/g, '[^/]+')}/?$`, routes.get(key)];
    });
