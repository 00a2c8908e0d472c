/**
 * Parts of packages that this application never calls, so that the export leaves them out: navigators (screens stand in a plain
 * slot, decision 4), lists, animation and controls of React Native that the house has its own of. An import of one gives an empty module.
 */
const router = [
  'layouts/(Tabs|Drawer|_web-modal|experimental-stack)',
  'native-tabs',
  'react-navigation/(bottom-tabs|native-stack|elements)',
  'fork/native-stack/NativeStackView',
  'split-view',
  'toolbar',
  'stack/',
  'modal/',
  'standard-navigation',
  'color/',
  'views/(Sitemap|Tutorial)',
  'onboard',
];
const reactNative = [
  'exports/(Animated|FlatList|SectionList|VirtualizedList|Modal|CheckBox|Switch|ProgressBar|Picker|RefreshControl|Touchable(Highlight|Opacity|NativeFeedback|WithoutFeedback)|ImageBackground|Button|KeyboardAvoidingView|PanResponder|ActivityIndicator|DrawerLayoutAndroid|SafeAreaView|Easing|LayoutAnimation|YellowBox|LogBox|Alert|Share|Vibration|Clipboard|InteractionManager)/',
  'vendor/react-native/(VirtualizedList|VirtualizedSectionList|FlatList|SectionList|Animated|FillRateHelper|ViewabilityHelper|VirtualizeUtils|PanResponder|LayoutAnimation)',
];
const patterns = [
  new RegExp(`/expo-router/build/(${router.join('|')})`),
  new RegExp(`/react-native-web/dist/(${reactNative.join('|')})`),
];

exports.isNeverUsed = (path) => patterns.some((pattern) => pattern.test(path));

/** Packages of which one part is enough: the router sets flags on it. */
exports.useOnly = { 'react-native-screens': 'react-native-screens/lib/module/flags' };
