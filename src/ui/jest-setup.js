/** What jsdom lacks and a browser has; lines are judged in every test, whatever it imports. */
import '../core/fence/dense-inverse';

window.matchMedia = (media) => ({
  matches: true,
  media,
  addEventListener: () => undefined,
  removeEventListener: () => undefined,
});
window.ResizeObserver = class {
  observe() {}
  unobserve() {}
  disconnect() {}
};

// jsdom lays nothing out, so there is nothing to scroll.
Element.prototype.scrollIntoView = () => undefined;

// Browsers have had it for ten years; the test's stand-in for one has not.
const { TextDecoder } = require('node:util');
globalThis.TextDecoder ??= TextDecoder;
