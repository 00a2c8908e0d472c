/** What jsdom lacks and a browser has. */
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
