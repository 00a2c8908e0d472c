/**
 * The bundler lays what any two screens share into one file that every visit loads, though the first screen asks for a bit over half
 * of it. This cuts it in two: what the first screens need, and the rest, which comes with the first of the others (decision 20).
 */

/** A module: `__d(function…,12,[3,4]);`, its dependencies an object where some are loaded when asked for. */
const definition = /^__d\(.*,(\d+),(\[[^\]]*\]|\{.*\})\);$/s;
const begins = /^(?=__[dr]\()/m;
const isCall = /^__r\(/;
const isRemark = /^(\/\/.*)?$/;

/** Modules of a file with what each asks for at once; dependencies loaded when asked for, from files of their own, are left out. */
function modulesIn(text) {
  return text
    .split(begins)
    .map((piece) => piece.trim())
    .filter((piece) => !isCall.test(piece) && !isRemark.test(piece))
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
 * `files`: text by name; `common`: name of the shared one; `first`: names of those every visit loads, or the first screen.
 * Gives the shared file's two parts, and names of the files that do with the first part alone. Throws where the bundler writes otherwise.
 */
exports.splitCommon = ({ files, common, first }) => {
  const modules = new Map([...files].map(([name, text]) => [name, modulesIn(text)]));
  const byId = new Map([...modules.values()].flat().map((it) => [it.id, it]));
  const idsOf = (name) => modules.get(name).map(({ id }) => id);
  const needed = reachedFrom(first.flatMap(idsOf), byId);
  const shared = modules.get(common);
  const part = (isWanted) =>
    shared
      .filter(({ id }) => isWanted(id))
      .map(({ code }) => code)
      .join('\n');
  const isLater = new Set(idsOf(common).filter((id) => !needed.has(id)));
  return {
    now: part((id) => !isLater.has(id)),
    later: part((id) => isLater.has(id)),
    alone: [...files.keys()].filter(
      (name) =>
        name !== common && [...reachedFrom(idsOf(name), byId)].every((id) => !isLater.has(id)),
    ),
  };
};
