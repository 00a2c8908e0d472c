const { getDefaultConfig } = require('expo/metro-config');
const { isNeverUsed, useOnly } = require('./scripts/never-used.cjs');

const config = getDefaultConfig(__dirname);

// Modules run when they are first used, not when the page starts: half of the router is never needed here.
config.transformer.getTransformOptions = async () => ({
  transform: { experimentalImportSupport: true, inlineRequires: true },
});

// What this application never calls is left out of the export; see scripts/never-used.cjs.
config.resolver.resolveRequest = (context, name, platform) => {
  const found = context.resolveRequest(context, useOnly[name] ?? name, platform);
  return !context.dev &&
    platform === 'web' &&
    found.type === 'sourceFile' &&
    isNeverUsed(found.filePath)
    ? { type: 'empty' }
    : found;
};

module.exports = config;
