/**
 * The first script to run. Packages set themselves up when they are first asked for, all at once when the first screen is drawn; asked
 * for here one by one, with others let in between, a touch is never kept waiting long. What is drawn comes after.
 */
import '@expo/metro-runtime';
import { loadFiles, loadFilesBefore, loadOthers } from './load-files';
import { inTurns } from './store/in-turns';

const parts = [
  sayReactIsWhole,
  () => require('react-native-web/dist/modules/prefixStyles'),
  () => require('react-native-web/dist/exports/StyleSheet/compiler'),
  () => require('react-native-web/dist/exports/StyleSheet'),
  () => require('react-native-web/dist/exports/View'),
  () => require('expo-modules-core'),
  () => require('expo'),
  () => require('react-dom'),
  () => require('react-dom/client'),
  () => require('react-native-web/dist/exports/Text'),
  () => require('react-native-web/dist/exports/TextInput'),
  () => require('react-native-web/dist/exports/ScrollView'),
  () => require('react-native-web/dist/exports/Pressable'),
  () => require('react-native-web/dist/exports/Image'),
  () => require('react-native-web'),
  () => require('react-native-safe-area-context'),
  () => require('expo-constants'),
  () => require('expo-router/build/react-navigation/core'),
  () => require('expo-router/build/react-navigation/native'),
  () => require('expo-router/build/global-state/router-store'),
  () => require('expo-router/build/global-state/useStore'),
  () => require('expo-router/build/getRoutes'),
  () => require('expo-router/build/getLinkingConfig'),
  () => require('expo-router/build/link/linking'),
  () => require('expo-router/build/useScreens'),
  () => require('expo-router/build/fork/getStateFromPath'),
  () => require('expo-router/build/fork/NavigationContainer'),
  () => require('expo-router/build/react-navigation/core/BaseNavigationContainer'),
  () => require('expo-router/build/react-navigation/core/useNavigationBuilder'),
  () => require('expo-router/build/react-navigation/core/useDescriptors'),
  () => require('expo-router/build/utils/splash'),
  () => require('expo-router/build/ExpoRoot'),
  () => require('expo-router/build/head'),
  () => require('expo-router'),
  () => require('expo-router/build/qualified-entry'),
  () => require('expo-router/build/renderRootComponent'),
];

/** The router's modules each take React for one that is no ES module and copy all it exports: 60 times, a twentieth of a start. */
function sayReactIsWhole() {
  const react = require('react');
  Object.assign(react, { __esModule: true, default: react });
}

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
  const { App } = require('expo-router/build/qualified-entry');
  const { renderRootComponent } = require('expo-router/build/renderRootComponent');
  renderRootComponent(App);
}

void begin();
