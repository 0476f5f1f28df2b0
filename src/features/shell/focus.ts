/** What a key can land on. */
const LANDS =
  'a[href], button, input, select, textarea, summary, audio[controls], [tabindex]:not([tabindex="-1"]), [contenteditable=true]';
/** What keeps the focus within itself while it is open, and gives it back. */
const OVERLAY = '[role=dialog], [role=alertdialog], [role=menu], [role=listbox]';

/** Where a page's work begins. */
const WORK = '#work, main[tabindex]';

const canLand = (el: HTMLElement): boolean =>
  // What lies in closed details has a size, and takes no focus.
  el.isConnected && !el.matches(':disabled, [inert] *') && el.getClientRects().length > 0 && el.checkVisibility();
const landings = (within: ParentNode): HTMLElement[] => [...within.querySelectorAll<HTMLElement>(LANDS)];

/** Where the focus was: the element, those round it from the inside out, and all that keys could land on, in order. */
interface Place {
  at: HTMLElement;
  round: readonly HTMLElement[];
  all: readonly HTMLElement[];
}

const placeOf = (at: HTMLElement): Place => {
  const round: HTMLElement[] = [];
  for (let el = at.parentElement; el && el !== document.body; el = el.parentElement) round.push(el);
  return { at, round, all: landings(document) };
};

/** Where a key goes on from a place that is gone: beside it, within what is left of what was round it. */
function goesOnFrom({ at, round, all }: Place): HTMLElement | null {
  const i = all.indexOf(at);
  const near = [...all.slice(i + 1), ...all.slice(0, Math.max(0, i)).reverse()];
  for (const within of round) {
    if (!within.isConnected) {
      // The whole page's work has given way to another: that is where one goes on.
      const work = within.matches('main') ? document.querySelector<HTMLElement>(WORK) : null;
      if (work) return work;
      continue;
    }
    const next = near.find((el) => within.contains(el) && canLand(el)) ?? landings(within).find(canLand);
    if (next) return next;
    if (within.matches('main, [role=dialog]')) return within;
  }
  return null;
}

const isLost = (): boolean => document.activeElement === document.body || document.activeElement === null;

/** Two frames and a moment: dialogs and menus have given the focus back by then, and a page has taken it. */
const SETTLES_MS = 90;

/**
 * Watches over the keyboard’s place in the page: where the element that had the focus is taken away or
 * switched off, the next one beside it gets it, so that the next key goes on from there; one that was only
 * moved or off for a moment has it back. Gives back what ends the watch.
 */
export function watchFocus(): () => void {
  let place: Place | null = null;
  /** The place before a dialog or a menu was opened, for what goes away together with its opener. */
  let before: Place | null = null;
  let later = 0;
  const look = () => {
    const from = place;
    if (!from || !isLost()) return;
    const next = canLand(from.at) ? from.at : (goesOnFrom(from) ?? (before && goesOnFrom(before)));
    next?.focus({ preventScroll: true });
  };
  const soon = () => {
    if (!place || !isLost()) return;
    window.clearTimeout(later);
    later = window.setTimeout(look, SETTLES_MS);
  };
  const came = ({ target }: FocusEvent) => {
    if (!(target instanceof HTMLElement) || target === document.body) return;
    if (target.closest(OVERLAY) && place && !place.at.closest(OVERLAY)) before = place;
    place = placeOf(target);
  };
  // A press beside everything lets go on purpose.
  const pressed = ({ target }: PointerEvent) => {
    if (target instanceof Element && !target.closest(`${LANDS}, label`)) place = before = null;
  };
  const changes = new MutationObserver(soon);
  changes.observe(document.body, {
    subtree: true,
    childList: true,
    attributes: true,
    attributeFilter: ['disabled', 'hidden', 'inert'],
  });
  document.addEventListener('focusin', came);
  document.addEventListener('pointerdown', pressed);
  return () => {
    window.clearTimeout(later);
    changes.disconnect();
    document.removeEventListener('focusin', came);
    document.removeEventListener('pointerdown', pressed);
  };
}
