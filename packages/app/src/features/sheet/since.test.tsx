import { act, fireEvent, screen } from '@testing-library/react-native';
import type { SinceDto } from '@drubo/contracts';
import { aSheet } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { fixedHere } from '../../data/offline/fixed-at-start';
import { SinceCard } from '../../parts/sheet/SinceCard';

const sheet = aSheet();
const [squat, second] = sheet.items;
const as = ({ variationId, values, dose }: (typeof sheet.items)[number]) => ({ variationId, values, dose });

const lighter: SinceDto = {
  id: `lay-off-${squat!.id}`,
  itemId: squat!.id,
  kind: 'lay-off',
  isSafety: false,
  before: as(squat!),
  after: { ...as(squat!), dose: { ...squat!.dose, sets: 1 } },
  reasons: [],
};
const gone: SinceDto = {
  id: `locked-${second!.id}`,
  itemId: second!.id,
  kind: 'locked',
  isSafety: true,
  before: as(second!),
  after: null,
  reasons: [{ code: 'warn-locked', values: { variationId: second!.variationId }, basis: 'house-default' }],
};
const changed = { ...sheet, since: [lighter, gone] };

describe('what changed since a sheet was agreed', () => {
  it('says nothing where nothing did', () => {
    show(<SinceCard sheet={sheet} taken={[]} onTaken={jest.fn()} />);
    expect(screen.queryByText('Changed since it was agreed')).toBeNull();
  });

  it('safety needs no taking; the rest stands as agreed until it is taken', async () => {
    const onTaken = jest.fn();
    show(<SinceCard sheet={changed} taken={[]} onTaken={onTaken} />);
    expect(screen.getByText(/^For safety/)).toBeTruthy();
    expect(screen.getByText('Now: it leaves the sheet')).toBeTruthy();
    expect(screen.getByRole('radio', { name: 'As agreed', checked: true })).toBeTruthy();
    fireEvent.press(screen.getByRole('radio', { name: 'Take the change' }));
    await act(async () => undefined);
    expect(onTaken).toHaveBeenCalledWith([lighter.id]);
  });

  it('two that may be left are taken in one tap; safety is not among them', async () => {
    const onTaken = jest.fn();
    const other = { ...lighter, id: 'lay-off-other' };
    show(<SinceCard sheet={{ ...sheet, since: [lighter, other, gone] }} taken={[]} onTaken={onTaken} />);
    fireEvent.press(screen.getByRole('button', { name: 'Take all 2' }));
    await act(async () => undefined);
    expect(onTaken).toHaveBeenCalledWith([lighter.id, other.id]);
  });

  it('a session started with no network has what safety asks for, and what was taken', () => {
    const left = fixedHere(changed, []);
    expect(left.items.map(({ id }) => id)).not.toContain(second!.id);
    expect(left.items[0]!.dose.sets).toBe(squat!.dose.sets);
    expect(fixedHere(changed, [lighter.id]).items[0]!.dose.sets).toBe(1);
    expect(fixedHere(sheet, [lighter.id])).toBe(sheet);
  });
});
