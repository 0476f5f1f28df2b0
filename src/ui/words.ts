/** “1 container”, “3 containers”, “1,200 plants”. */
export const countOf = (n: number, one: string, many = `${one}s`): string =>
  `${n.toLocaleString('en-GB')} ${n === 1 ? one : many}`;

/** “Things to eat”: words as a sentence begins with them. */
export const sentence = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
