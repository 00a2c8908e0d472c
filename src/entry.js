/**
 * The first script to run. Packages set themselves up when they are first asked for, all at once when the first screen is drawn; asked
 * for here one by one, with others let in between, a touch is never kept waiting long (decision 32). What is drawn comes after.
 */
import '@expo/metro-runtime';
import { loadFiles, loadFilesBefore, loadOthers } from './load-files';
import { inTurns } from './store/in-turns';

const parts = [
  () => require('expo-modules-core'),
  () => require('expo'),
  () => require('react-dom'),
  () => require('react-dom/client'),
  () => require('react-native-web').StyleSheet,
  () => require('react-native-web').View,
  () => require('react-native-web').Text,
  () => require('react-native-web').TextInput,
  () => require('react-native-web').ScrollView,
  () => require('react-native-web').Pressable,
  () => require('react-native-safe-area-context'),
  () => require('expo-constants'),
  () => require('expo-router').useRouter,
];

function* settingUp() {
  for (const part of parts) {
    part();
    yield;
  }
}

async function begin() {
  await inTurns(settingUp());
  // Only the built page names any; what loads files is there once `expo` is.
  const { filesBefore, filesFirst } = globalThis;
  if (filesBefore) {
    loadFilesBefore(filesBefore);
    await loadFiles(filesFirst);
    void loadOthers(Object.keys(filesBefore));
  }
  require('expo-router/entry');
}

void begin();
