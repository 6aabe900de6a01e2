// A bare page of the same framework, to hold the app's start-up against: scripts/startup.mjs builds it.
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
config.watchFolders = [path.join(__dirname, '../../node_modules')];
module.exports = config;
