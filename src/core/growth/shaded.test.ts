import { flowerInShade, paceInShade } from './shaded';

describe('light that neighbours leave', () => {
  test('half of it is enough to grow and flower in', () => {
    expect(paceInShade(0.5)).toBe(1);
    expect(flowerInShade(0.5)).toBe(1);
  });
  test('under 0.35 nothing grows, and half the flower is left', () => {
    expect(paceInShade(0.35)).toBe(0);
    expect(paceInShade(0.3)).toBe(0);
    expect(flowerInShade(0.35)).toBeCloseTo(0.5, 9);
  });
  test('between the two it grows slower the darker it is', () => {
    const paces = [0.36, 0.4, 0.45, 0.49].map(paceInShade);
    expect(paces).toEqual([...paces].sort((a, b) => a - b));
    expect(paceInShade(0.45)).toBeGreaterThan(0.6);
    expect(paceInShade(0.38)).toBeLessThan(0.6);
  });
  test('under 0.15 nothing flowers', () => {
    expect(flowerInShade(0.14)).toBe(0);
    expect(flowerInShade(0.25)).toBeGreaterThan(0.2);
  });
});
