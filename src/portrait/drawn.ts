/** What is drawn on a canvas when it is asked for, whatever it shows. */
export interface Drawn {
  /** Where it is drawn elsewhere: settled once it can be, refused where nothing can. */
  opened?: Promise<unknown>;
  setSize: (width: number, height: number, ratio: number) => void;
  /** Draws only this share of the leaves and flowers, spread over all plants. */
  thin: (share: number) => void;
  /** It has something lighter to show while it moves than fewer leaves: pixels need not be spared as well. */
  hasStills?: () => boolean;
  draw: () => void;
  /** Draws, and says once the pixels are there how long a picture takes on this machine, ms. */
  timed: () => Promise<number>;
  dispose: () => void;
}
