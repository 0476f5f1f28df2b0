import { budgetFor } from './budget';

test('in a small library two at a time are tried among all there are', () => {
  expect(budgetFor(464, 8, 40).among).toBeLessThan(Infinity);
  expect(budgetFor(30, 8, 6).among).toBe(Infinity);
  expect(budgetFor(30, 8, 6).sweep).toBeGreaterThan(budgetFor(464, 8, 40).sweep);
});
test('a long box, dear to judge, is tried less for the same time', () => {
  expect(budgetFor(464, 16, 40).effort).toBeCloseTo(budgetFor(464, 8, 40).effort / 2 ** 1.7, 6);
  expect(budgetFor(464, 3, 40).effort).toBe(budgetFor(464, 4, 40).effort);
});
test('where few can lead, more casts of each are grown', () => {
  expect(budgetFor(464, 8, 2).perLead).toBe(5);
  expect(budgetFor(464, 8, 40).perLead).toBe(3);
});
