const path = require('node:path');

/**
 * Every place where the bundle takes another file than the packages ask for, each with its reason and what would let it go. A resolver gets the
 * module's name and the file that asks, and gives Metro's answer or nothing.
 */
const root = process.cwd();
const file = (name) => ({ type: 'sourceFile', filePath: path.join(root, name) });
const insideZod = /[\\/]zod[\\/]v4[\\/](classic|mini|core)[\\/]/;

const navigators = /react-navigation[\\/](bottom-tabs|native-stack|elements)[\\/]/;

const resolvers = [
  // The app draws its own places and pages: of the router's navigators it needs none of the tab bars, headers and stacks.
  // Goes when expo-router gives Slot and Link without its navigators.
  (name, from) =>
    navigators.test(from) &&
    /(^|\/)(views\/|Header\/)/.test(name) &&
    !/(use|get)[A-Z]|Context|Provider/.test(name) &&
    file('bundler/nothing.js'),
  // Nor does it have native toolbars and tabs, or the router's own list of routes. Goes with the first.
  (name, from) =>
    /expo-router[\\/]build[\\/]/.test(from) &&
    /(stack-utils|\.)\/toolbar(\/(shared|StackToolbar))?$|native-tabs\/NativeTabTrigger$|views\/Sitemap$/.test(
      name,
    ) &&
    file('bundler/nothing.js'),
  // The helpers of what TypeScript compiled reach Metro through a wrapper that it reads as empty; their plain module works.
  // Goes when pdf-lib ships modules of its own.
  (name, from) =>
    name === 'tslib' && /pdf-lib/.test(from) && file('node_modules/pdf-lib/node_modules/tslib/tslib.es6.js'),
  // No page changes the document's head. Goes when expo-router loads its head only where one is drawn.
  (name, from) =>
    /expo-router[\\/]build[\\/]head/.test(from) && name === './ExpoHead' && file('bundler/headless.js'),
  // The app draws with elements: it reads no SVG files, and its transforms are written as a browser takes them.
  // Goes when react-native-svg exports its elements one by one.
  (name, from) =>
    (/react-native-svg.*ReactNativeSVG\.web\.js$/.test(from)
      ? /^\.\/(xml|deprecated|utils\/fetchData)$/.test(name)
      : /react-native-svg.*extractTransform\.js$/.test(from) &&
        /^\.\/(transform|transformToRn)$/.test(name)) && file('bundler/nothing.js'),
  // Virtualized lists (45 KB) come with react-native-web's index and are not drawn here. Goes when Paper imports
  // react-native's parts by their files.
  (name, from) =>
    /react-native-web/.test(from) &&
    /(^|\/)(FlatList|SectionList|VirtualizedList|VirtualizedSectionList)$/.test(name) &&
    file('bundler/plain-view.js'),
  // Paper's palette of its second version comes with its themes; the app has colours of its own. Goes with Paper 6.
  (name, from) =>
    /react-native-paper/.test(from) && /(v2\/|^\.\/)colors$/.test(name) && file('bundler/paper-colours.js'),
  // Zod brings forty languages and a JSON Schema writer; the app speaks one and writes none. Both go when Metro
  // drops what a namespace's user never names.
  (name, from) => name === '../locales/index.js' && insideZod.test(from) && file('bundler/zod-english.js'),
  (name, from) =>
    /json-schema(-processors|-generator)?\.js$/.test(name) &&
    insideZod.test(from) &&
    file('bundler/zod-without-json-schema.js'),
  // AsyncStorage holds a lost IndexedDB connection for good and writes without strict durability; its list of connections is
  // not exported, so it is reached by its file. Goes when AsyncStorage opens a lost connection again.
  (name) =>
    name === 'async-storage-connections' &&
    file(
      'node_modules/@react-native-async-storage/async-storage/lib/module/web-module/IndexedDBConnectionRegistry.js',
    ),
];

module.exports.resolve = (name, from) => {
  for (const resolver of resolvers) {
    const answer = resolver(name, from);
    if (answer) return answer;
  }
  return null;
};
