/** Keys of one control: what is acted on goes no further, neither to the page nor to the browser. */

/** True where the key was acted on. */
type Act = (event: KeyboardEvent) => boolean;

interface Handlers {
  readonly onKeyDown: (event: KeyboardEvent) => void;
}

/** To be spread on a control. */
export function onKey(act: Act): Handlers {
  return {
    onKeyDown: (event) => {
      if (!act(event)) return;
      event.preventDefault();
      event.stopPropagation();
    },
  };
}
