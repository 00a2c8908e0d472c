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
  'link/preview/HrefPreview',
  'react-navigation/routers/(Tab|Drawer)Router',
  // The router has forks of its own of these, under the same names in fork/.
  'react-navigation/(core|native)/(getStateFromPath|getPathFromState|getPatternParts|useLinking|NavigationContainer|createMemoryHistory|useThenable|useDocumentTitle)\\.js',
  'react-navigation/(core|native)/(StaticNavigation|createStaticNavigation|ServerContainer|useScrollToTop)\\.js',
];
const reactNative = [
  'exports/(Animated|FlatList|SectionList|VirtualizedList|Modal|CheckBox|Switch|ProgressBar|Picker|RefreshControl|Touchable(Highlight|Opacity|NativeFeedback|WithoutFeedback)|ImageBackground|Button|KeyboardAvoidingView|PanResponder|ActivityIndicator|DrawerLayoutAndroid|SafeAreaView|Easing|LayoutAnimation|YellowBox|LogBox|Alert|Share|Vibration|Clipboard|InteractionManager)/',
  'vendor/react-native/(VirtualizedList|VirtualizedSectionList|FlatList|SectionList|Animated|FillRateHelper|ViewabilityHelper|VirtualizeUtils|PanResponder|LayoutAnimation)',
];
/** Drawings are made of elements, not read from files, and none is turned by a text. */
const drawing = ['xml', 'xmlTags', 'deprecated', 'lib/extract/(transform|transformToRn)'];
/** One thing is asked for, and changes go another way (decision 5). */
const asking = [
  'query-core/build/modern/(queriesObserver|hydration|infiniteQueryObserver|infiniteQueryBehavior|streamedQuery|mutation|mutationObserver)',
  'react-query/build/modern/(useQueries|useMutation|useMutationState|useInfiniteQuery|useIsFetching|HydrationBoundary|useSuspense(Infinite)?(Query|Queries)|usePrefetch(Infinite)?Query)',
];
const patterns = [
  new RegExp(`/expo-router/build/(${router.join('|')})`),
  new RegExp(`/react-native-web/dist/(${reactNative.join('|')})`),
  new RegExp(`/react-native-svg/lib/module/(${drawing.join('|')})\\.js$`),
  new RegExp(`/@tanstack/(${asking.join('|')})\\.js$`),
];

exports.isNeverUsed = (path) => patterns.some((pattern) => pattern.test(path));

/** Packages of which one part is enough: the router sets flags on it. */
exports.useOnly = { 'react-native-screens': 'react-native-screens/lib/module/flags' };
