import { releaseProxy } from 'comlink';

/**
 * Lets go of what the page handed over to be called back: until then it keeps alive all that it knows,
 * pictures and their page included.
 */
export const letGo = (heard: object): void => (heard as { [releaseProxy]?: () => void })[releaseProxy]?.();
