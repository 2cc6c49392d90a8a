import { act, fireEvent, screen } from '@testing-library/react-native';
import { contentOfSheet } from '@drubo/contracts';
import type { SheetContentDto, SheetDto } from '@drubo/contracts';
import { getVariation, builtInCatalogue } from '@drubo/core/catalogue';
import { useState } from 'react';
import { View } from 'react-native';
import { aSheet } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { Button } from '../../ui/Button';
import { ItemDialog } from './ItemDialog';
import { useEditor } from './use-editor';
import { WarningList } from './WarningList';

const mockWriter = { isReady: true, log: jest.fn(), save: jest.fn() };
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter, useCommands: () => [] }));
jest.mock('../../frame/SnackProvider', () => ({ useSnack: () => jest.fn() }));

const press = async (name: string | RegExp) => {
  fireEvent.press(screen.getByRole('button', { name }));
  await act(async () => undefined);
};
const sheet = aSheet({ id: 'sheet-edit-1' });
beforeEach(() => {
  jest.clearAllMocks();
  mockWriter.log.mockResolvedValue(undefined);
});

/** A sheet as the app keeps it: every save is laid over it at once. */
const Harness = ({ start }: { start: SheetDto }) => {
  const [now, setNow] = useState(start);
  mockWriter.log.mockImplementation(async ({ body }: { body: { version: number; content: SheetContentDto } }) => {
    setNow((before) => ({
      ...before,
      version: body.version + 1,
      items: body.content.items.map((item) => ({ ...before.items.find(({ id }) => id === item.id)!, ...item })),
    }));
  });
  const editor = useEditor(now);
  const drop = () => editor.change({ ...editor.content, items: editor.content.items.slice(1) });
  return (
    <View>
      <Button label={`version ${now.version}, ${now.items.length} exercises`} onPress={() => undefined} />
      <Button label="Drop" onPress={drop} />
      <Button label="Same" onPress={() => editor.change(editor.content)} />
      <Button label="Undo" disabled={!editor.undo} onPress={() => editor.undo?.()} />
      <Button label="Redo" disabled={!editor.redo} onPress={() => editor.redo?.()} />
    </View>
  );
};

describe('editing a sheet', () => {
  it('undoes all the way and does again, each step saved whole with the version it was made from', async () => {
    show(<Harness start={sheet} />);
    await press('Drop');
    await press('Drop');
    expect(screen.getByText('version 3, 2 exercises')).toBeTruthy();
    await press('Undo');
    await press('Undo');
    expect(screen.getByText('version 5, 4 exercises')).toBeTruthy();
    await press('Redo');
    expect(screen.getByText('version 6, 3 exercises')).toBeTruthy();
    expect(mockWriter.log.mock.calls.map(([call]) => call.body.version)).toEqual([1, 2, 3, 4, 5]);
    // Something new ends what could be done again.
    await press('Drop');
    expect(screen.getByRole('button', { name: 'Redo', disabled: true })).toBeTruthy();
  });

  it('a change that changes nothing is not saved', async () => {
    show(<Harness start={aSheet({ id: 'sheet-edit-2' })} />);
    await press('Same');
    expect(mockWriter.log).not.toHaveBeenCalled();
  });
});

describe('one exercise', () => {
  const [squat] = sheet.items;
  const onChange = jest.fn();
  const open = () =>
    show(
      <ItemDialog
        onKnows={jest.fn()}
        sheet={sheet}
        item={squat!}
        variation={getVariation(builtInCatalogue, squat!.variationId)}
        content={contentOfSheet(sheet)}
        input={undefined}
        onChange={onChange}
        onClose={jest.fn()}
      />,
    );

  it('its numbers and settings are saved together; nothing changed saves nothing', async () => {
    open();
    await press('Sets: more');
    await press('Rest: less');
    fireEvent.press(screen.getByRole('radio', { name: 'Settings' }));
    await press(/^Setting Heel lift/);
    fireEvent.press(screen.getByRole('radio', { name: 'Heel lift: 25 mm' }));
    await press('Save');
    const [next] = onChange.mock.calls[0] as [SheetContentDto];
    expect(next.items[0]).toMatchObject({ dose: { sets: 3, restSeconds: 75 }, values: { 'heel-lift': 25 } });
    onChange.mockClear();
  });

  it('as proposed takes a change back', async () => {
    open();
    await press('Sets: more');
    await press('As proposed');
    await press('Save');
    expect(onChange).not.toHaveBeenCalled();
  });

  it('its place: another stretch, in turn with the next, off the sheet', async () => {
    open();
    fireEvent.press(screen.getByRole('radio', { name: 'Place' }));
    await press('In turn with the next');
    const [paired] = onChange.mock.calls.at(-1) as [SheetContentDto];
    expect(paired.blocks[0]).toMatchObject({ kind: 'rounds' });
    await press('Take it off the sheet');
    const [without] = onChange.mock.calls.at(-1) as [SheetContentDto];
    expect(without.items).toHaveLength(3);
    fireEvent.press(screen.getByRole('radio', { name: 'Accessory' }));
    const [moved] = onChange.mock.calls.at(-1) as [SheetContentDto];
    expect(moved.blocks.map(({ role }) => role)).toEqual(['main', 'accessory']);
  });
});

describe('warnings', () => {
  it('each says what is wrong and offers what puts it right', async () => {
    const onFix = jest.fn();
    const warning = {
      itemId: 'a',
      isHard: false,
      reason: {
        code: 'warn-shared-kit',
        values: { variationId: 'hip-thrust', otherId: 'rear-foot-elevated-split-squat', item: 'bench' },
        basis: 'house-default',
      },
      fix: { kind: 'unpair', itemId: 'a' },
    } as const;
    show(<WarningList warnings={[warning]} onFix={onFix} />);
    expect(screen.getByText(/go in turn and both need the bench\.$/)).toBeTruthy();
    await press(/^Take apart: /);
    expect(onFix).toHaveBeenCalledWith(warning);
  });
});
