// Where the app begins. Run at one go, its modules would hold the page for a third of a second on a slow phone; so the heavy
// ones are run first, one after the other, each in a task of its own. The app needs none of this: it would run them itself.
import '@expo/metro-runtime';
// Imported rather than required: asked for in both ways, a package comes into the bundle in both of its forms.
import { configureStore } from '@reduxjs/toolkit';

const { port1, port2 } = new MessageChannel();
const steps = [
  // The fonts come while the rest is run.
  () => {
    require('expo-font')
      .loadAsync(require('./ui/theme/font-files').fontFiles)
      .catch(() => undefined);
  },
  () => require('react-dom'),
  () => require('react-dom/client'),
  () => require('inline-style-prefixer/lib/createPrefixer'),
  () => require('react-native-web/dist/exports/StyleSheet/compiler'),
  () => require('react-native-web/dist/exports/StyleSheet/dom'),
  () => require('react-native-web/dist/exports/StyleSheet'),
  () => require('react-native-web/dist/modules/forwardedProps'),
  () => require('react-native-web/dist/modules/AssetRegistry'),
  () => require('react-native-web/dist/exports/createElement'),
  () => require('react-native-web/dist/modules/useElementLayout'),
  () => require('react-native-web/dist/modules/useResponderEvents'),
  () => require('react-native-web/dist/exports/View'),
  () => require('react-native-web/dist/exports/Text'),
  () => require('react-native-web/dist/exports/Image'),
  () => require('react-native-web/dist/exports/ScrollView'),
  () => require('react-native-web/dist/exports/TextInput'),
  () => require('react-native-web/dist/exports/Animated'),
  () => require('react-native-web/dist/exports/Pressable'),
  () => require('react-native-web/dist/exports/TouchableOpacity'),
  () => require('react-native-web/dist/exports/Switch'),
  () => require('react-native-web/dist/exports/CheckBox'),
  () => require('react-native-web/dist/exports/Button'),
  () => require('react-native-web/dist/exports/Modal'),
  () => require('react-native-web/dist/exports/AppRegistry'),
  () => require('react-native'),
  () => require('expo'),
  // What is said at once is made as its module is run: the language is set before. Only Expo can fetch a part.
  () => {
    const { beginLanguage } = require('./languages/languages');
    return beginLanguage();
  },
  () => require('expo-router/build/renderRootComponent'),
  // What this one exports is run when it is looked at: some fifty small modules.
  () => steps.unshift(...looksAt(require('expo-router/build/react-navigation/core'))),
  () => require('expo-router/build/react-navigation/native'),
  () => require('expo-router/build/fork/getStateFromPath'),
  () => require('expo-router/build/fork/getPathFromState'),
  () => require('expo-router/build/ExpoRoot'),
  () => require('expo-router/build/exports'),
  () => require('expo-router/build/layouts/StackClient'),
  () => require('color-convert'),
  () => require('color'),
  () => require('react-native-paper/lib/module/styles/themes/v3/LightTheme'),
  () => require('react-native-paper/lib/module/core/theming'),
  () => require('react-native-paper/lib/module/core/PaperProvider'),
  () => require('react-native-svg'),
  () => configureStore,
  () => require('./core/matter/ingredients/registry'),
  // Every entry is checked before it is held: the validator, and the schemas piece by piece.
  () => require('./workers/without-eval'),
  () => require('./core/journal/entries/base'),
  () => require('./core/journal/entries/lot-begun/schema').LotBegun,
  () => require('./core/journal/entries/transferred/schema').Transferred,
  () => require('./core/journal/entries/kept/schema').Kept,
  () => require('./core/journal/entry').Entry,
  () => require('./core/journal/journal'),
  () => require('./store/journal-slice'),
  () => require('./store/selectors'),
  // The journal is read while the rest is run.
  () => require('./features/shell/app-instance').begin(),
  () => require('./ui/layout/place-bar').PlaceBar,
  () => require('./features/shell/app-shell').AppShell,
  () => {
    port1.close();
    require('expo-router/entry');
  },
];
const looksAt = (exported) => Object.keys(exported).map((name) => () => exported[name]);

port1.onmessage = () => {
  const step = steps.shift();
  if (!step) return;
  const waits = step();
  if (waits instanceof Promise) void waits.then(() => port2.postMessage(null));
  else port2.postMessage(null);
};
port2.postMessage(null);
