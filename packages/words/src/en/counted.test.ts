import { counted } from '.';

it('what is counted is written as one or as many', () => {
  expect([0, 1, 2, 1.5].map((count) => counted(count, 'set'))).toEqual(['0 sets', '1 set', '2 sets', '1.5 sets']);
  expect(counted(2, 'person', 'people')).toBe('2 people');
});
