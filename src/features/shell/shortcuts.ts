/** Keys that do something, and what. */
export const SHORTCUTS = [
  ['?', 'help for this page'],
  ['Ctrl K', 'open the command menu'],
  ['/', 'search the library'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['arrows', 'rotate the picture, move a root ball, look at another proposal'],
  ['1 2 3', 'front, eye level, above'],
  ['Delete', 'remove a plant'],
  ['Esc', 'back to the checks'],
] as const;
