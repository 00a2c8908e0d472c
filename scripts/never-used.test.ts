/** What the export leaves out must not be what a screen asks for: that would only show as "undefined" in the built page. */
import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { isNeverUsed, useOnly } from './never-used.cjs';

const root = resolve(__dirname, '..');

function sources(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return sources(path);
    return /(?<!\.test)\.tsx?$/.test(entry.name) ? [path] : [];
  });
}

/** Names imported as values from a package, by all of the application. */
function importedFrom(name: string): Set<string> {
  const imports = new RegExp(`import \\{([^}]*)\\} from '${name}'`, 'g');
  const found = sources(join(root, 'src'))
    .flatMap((file) => [...readFileSync(file, 'utf8').matchAll(imports)])
    .flatMap(([, names = '']) => names.split(','))
    .map((it) => it.trim())
    .filter((it) => it !== '' && !it.startsWith('type '));
  return new Set(found);
}

test('every part of React Native that a screen imports is in the export', () => {
  const names = [...importedFrom('react-native')];
  expect(names).toEqual(expect.arrayContaining(['View', 'Pressable', 'ScrollView', 'Image']));
  for (const name of names) {
    expect([
      name,
      isNeverUsed(`/x/node_modules/react-native-web/dist/exports/${name}/index.js`),
    ]).toEqual([name, false]);
  }
});

test('every part of drawing and asking that a screen imports is in the export', () => {
  const asked = [...importedFrom('@tanstack/react-query')];
  expect(asked).toEqual(expect.arrayContaining(['useQuery', 'QueryClient']));
  for (const name of asked) {
    for (const at of [`react-query/build/modern/${name}`, `query-core/build/modern/${name}`]) {
      expect([name, isNeverUsed(`/x/node_modules/@tanstack/${at}.js`)]).toEqual([name, false]);
    }
  }
  expect([...importedFrom('react-native-svg')].filter((it) => /xml|css|uri/i.test(it))).toEqual([]);
  // What turns a text like "rotate(45)" into a matrix is left out.
  const texts = sources(join(root, 'src')).map((file) => readFileSync(file, 'utf8'));
  expect(texts.filter((text) => /\btransform=["{`]/.test(text))).toEqual([]);
});

test('nothing of our own, and none of the router’s core, is left out', () => {
  for (const file of sources(join(root, 'src'))) expect(isNeverUsed(file)).toBe(false);
  for (const kept of [
    'ExpoRoot.js',
    'link/Link.js',
    'views/Navigator.js',
    'hooks/index.js',
    'fork/getStateFromPath.js',
  ]) {
    expect(isNeverUsed(`/x/node_modules/expo-router/build/${kept}`)).toBe(false);
  }
});

test('navigators and lists are', () => {
  for (const left of [
    'expo-router/build/react-navigation/bottom-tabs/index.js',
    'expo-router/build/native-tabs/NativeTabTrigger.js',
    'expo-router/build/react-navigation/core/getStateFromPath.js',
    'react-native-svg/lib/module/lib/extract/transform.js',
    '@tanstack/query-core/build/modern/mutation.js',
    'react-native-web/dist/exports/FlatList/index.js',
    'react-native-web/dist/vendor/react-native/VirtualizedList/index.js',
  ]) {
    expect(isNeverUsed(`/x/node_modules/${left}`)).toBe(true);
  }
  expect(Object.keys(useOnly)).toEqual(['react-native-screens']);
});
