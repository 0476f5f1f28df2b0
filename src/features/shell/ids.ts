/** An id for a new container. */
export const newId = (): string => `pot-${crypto.randomUUID().slice(0, 8)}`;
