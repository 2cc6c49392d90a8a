import { render } from '@testing-library/react-native';
import { keepLetterKeys } from '../data/letter-keys';
import { useKeys } from './use-keys';

interface Bound {
  keys: string | string[];
  act(event: object, hotkey: { hotkey: string }): void;
  options: { enabled: boolean; useKey?: boolean; ignoreEventWhen(event: { target: unknown; key: string }): boolean };
}
let mockBound: Bound[] = [];
jest.mock('react-hotkeys-hook', () => ({
  useHotkeys: (keys: Bound['keys'], act: Bound['act'], options: Bound['options']) => void mockBound.push({ keys, act, options }),
}));
let mockSettings: Record<string, string> = {};
jest.mock('../data/settings', () => ({
  readSetting: (name: string) => mockSettings[name] ?? null,
  writeSetting: (name: string, value: string | null) => {
    mockSettings = value === null ? {} : { ...mockSettings, [name]: value };
  },
}));

/** As much of a browser as keys ask for. */
class Element {
  isContentEditable = false;
  constructor(public tagName: string) {}
}
let hasDialog = false;
const world = globalThis as unknown as Record<string, unknown>;
beforeAll(() => {
  world['document'] = { querySelector: () => (hasDialog ? {} : null) };
  world['HTMLElement'] = Element;
});
afterAll(() => {
  delete world['document'];
  delete world['HTMLElement'];
});

const acts = { enter: jest.fn(), space: jest.fn(), '+': jest.fn() };
const letters = { x: jest.fn(), '?': jest.fn() };
const bind = (over: Partial<Parameters<typeof useKeys>[0]> = {}) => {
  const Bound = () => {
    useKeys({ acts, letters, ...over });
    return null;
  };
  render(<Bound />);
  const [produced, space] = mockBound;
  return { produced: produced!, space: space! };
};
const isIgnored = ({ options }: Bound, key: string, target: unknown = new Element('DIV')) =>
  options.ignoreEventWhen({ target, key });
beforeEach(() => {
  jest.clearAllMocks();
  mockBound = [];
  mockSettings = {};
  hasDialog = false;
});

describe('keys', () => {
  it('a sign is taken with shift and without: keyboards differ; a letter and a name only as they are', () => {
    const { produced, space } = bind();
    expect(produced.keys).toEqual(['enter', '+', 'shift·+', 'x', '?', 'shift·?']);
    expect(produced.options.useKey).toBe(true);
    expect(space.keys).toBe('space');
    for (const hotkey of ['+', 'shift·+']) produced.act({}, { hotkey });
    expect(acts['+']).toHaveBeenCalledTimes(2);
    produced.act({}, { hotkey: 'shift·?' });
    expect(letters['?']).toHaveBeenCalledTimes(1);
    space.act({}, { hotkey: 'space' });
    expect(acts.space).toHaveBeenCalledTimes(1);
  });

  it('with shift a named key stays another one', () => {
    const undo = jest.fn();
    const redo = jest.fn();
    const { produced } = bind({ acts: { 'mod·z': undo, 'mod·shift·z': redo }, letters: {} });
    produced.act({}, { hotkey: 'mod·shift·z' });
    expect([undo.mock.calls.length, redo.mock.calls.length]).toEqual([0, 1]);
  });

  it('single letters can be switched off; the others go on', () => {
    const { produced } = bind();
    expect([isIgnored(produced, 'X'), isIgnored(produced, 'Enter')]).toEqual([false, false]);
    keepLetterKeys(false);
    expect([isIgnored(produced, 'X'), isIgnored(produced, '?'), isIgnored(produced, 'Enter')]).toEqual([true, true, false]);
  });

  it('text fields and dialogs keep theirs, and what a screen says belongs elsewhere', () => {
    const { produced } = bind({ isElsewhere: (_, key) => key === 'Enter' });
    for (const tag of ['INPUT', 'TEXTAREA', 'SELECT']) expect(isIgnored(produced, 'x', new Element(tag))).toBe(true);
    expect(isIgnored(produced, 'x', Object.assign(new Element('DIV'), { isContentEditable: true }))).toBe(true);
    expect([isIgnored(produced, 'Enter'), isIgnored(produced, '+')]).toEqual([true, false]);
    hasDialog = true;
    expect(isIgnored(produced, '+')).toBe(true);
  });

  it('listens only while it is on, and to space only where it does something', () => {
    expect(bind({ isOn: false }).produced.options.enabled).toBe(false);
    mockBound = [];
    const { produced, space } = bind({ acts: { enter: acts.enter } });
    expect([produced.options.enabled, space.options.enabled]).toEqual([true, false]);
  });
});
