/**
 * The first script to run. Packages set themselves up when they are first asked for, all at once when the first screen is drawn; asked
 * for here one by one, with a breath between, a touch is never kept waiting long. What is drawn comes after.
 */
import '@expo/metro-runtime';
import { loadFilesBefore } from './load-files-before';

const parts = [
  () => require('react-native-web/dist/modules/prefixStyles'),
  () => require('react-native-web/dist/exports/StyleSheet/compiler'),
  () => require('react-native-web/dist/exports/StyleSheet'),
  () => require('react'),
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
  () => require('expo-router/build/react-navigation/core'),
  () => require('expo-router/build/react-navigation/native'),
  () => require('expo-router/build/global-state/router-store'),
  () => require('expo-router/build/getRoutes'),
  () => require('expo-router/build/getLinkingConfig'),
  () => require('expo-router/build/fork/getStateFromPath'),
  () => require('expo-router/build/utils/splash'),
  () => require('expo-router/build/ExpoRoot'),
  () => require('expo-router/build/head'),
  () => require('expo-router'),
];

/** Where a browser can, without the wait it puts between timers. */
const breath = () =>
  globalThis.scheduler?.yield?.() ?? new Promise((resolve) => setTimeout(resolve, 0));

async function begin() {
  for (const part of parts) {
    await breath();
    part();
  }
  // Only the built page names any; what loads files is there once `expo` is.
  if (globalThis.filesBefore) loadFilesBefore(globalThis.filesBefore);
  const { App } = require('expo-router/build/qualified-entry');
  const { renderRootComponent } = require('expo-router/build/renderRootComponent');
  renderRootComponent(App);
}

void begin();
