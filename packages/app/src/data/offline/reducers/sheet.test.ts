import { contentOfSheet } from '@drubo/contracts';
import { aPersonDetail, aSheet, aStoredCommand } from '../../../../tests/builders';
import { withWrites } from '.';

describe('a sheet with unsent edits', () => {
  const sheet = aSheet();
  const content = contentOfSheet(sheet);
  const [item] = sheet.items;
  const save = (items: typeof content.items, version: number) =>
    aStoredCommand({
      endpointId: 'saveSheet',
      params: { sheetId: sheet.id },
      body: { version, content: { ...content, items } } as never,
    });
  const withSets = (sets: number) =>
    content.items.map((one) => (one.id === item!.id ? { ...one, dose: { ...one.dose, sets } } : one));

  it('shows the edit and names the version the next one has to', () => {
    const shown = withWrites('getSheet', sheet, [save(withSets(5), 1)]);
    expect(shown).toMatchObject({ version: 2, items: [{ edited: true, dose: { sets: 5 } }, {}, {}, {}] });
    const back = withWrites('getSheet', sheet, [save(withSets(5), 1), save(content.items, 2)]);
    expect([back.version, back.items[0]?.edited]).toEqual([3, false]);
  });

  it('shows another order, one exercise fewer, and one the server has not heard of', () => {
    const moved = withWrites('getSheet', sheet, [save([...content.items].reverse(), 1)]);
    expect(moved.items.map(({ slot }) => slot)).toEqual(['bridge', 'lunge', 'hinge', 'squat']);
    const added = { ...content.items[0]!, id: 'item-new-1', slot: 'squat-2', variationId: 'leg-press' };
    const { items } = withWrites('getSheet', sheet, [save([...content.items.slice(1), added], 1)]);
    expect(items.map(({ id }) => id)).not.toContain(item!.id);
    expect(items.at(-1)).toMatchObject({ id: 'item-new-1', proposed: added.dose, edited: false, past: [] });
  });

  it('an answer stands until something newer was read', () => {
    const answered = (version: number) =>
      aStoredCommand({ endpointId: 'saveSheet', params: { sheetId: sheet.id }, state: 'done', reply: aSheet({ version }) });
    expect(withWrites('getSheet', sheet, [answered(4)]).version).toBe(4);
    expect(withWrites('getSheet', { ...sheet, version: 5, minutes: 31 }, [answered(4)])).toMatchObject({
      version: 5,
      minutes: 31,
    });
  });

  it('shows on the person’s page as on its own', () => {
    const page = withWrites('getPerson', aPersonDetail({ nextSheet: sheet }), [save(withSets(5), 1)]);
    expect(page.nextSheet).toMatchObject({ version: 2, items: [{ dose: { sets: 5 } }, {}, {}, {}] });
  });
});
