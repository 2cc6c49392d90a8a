import { act, fireEvent, screen } from '@testing-library/react-native';
import { contentOfSheet, sheetContent } from '@drubo/contracts';
import type { SheetContentDto, TemplateDto } from '@drubo/contracts';
import { compose as mockCompose } from '@drubo/core/composing';
import { builtInCatalogue } from '@drubo/core/catalogue';
import { sheetOfComposition, sumsOf } from '@drubo/core/sheet-editing';
import type { DraftSheet } from '@drubo/core/sheet-editing';
import { aComposing, aSheet, aStoredCommand } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { inputAt as mockInputAt } from '../../data/composing-input';
import { freshOf } from '../../data/offline/fresh-items';
import type { StoredCommand } from '../../data/offline/types';
import { sheetToSend } from '../../data/settle';
import type { ComposeQuestion } from '../../workers/ask-composer';
import { AddDialog } from '../../parts/sheet/AddDialog';
import { ConflictCard } from './ConflictCard';
import { OfferDialog } from './OfferDialog';
import { ShapeDialog } from './ShapeDialog';
import { SheetSummary } from './SheetSummary';
import { TemplatesDialog } from './TemplatesDialog';

const mockWriter = { isReady: true, log: jest.fn(), save: jest.fn(), remove: jest.fn() };
let mockCommands: StoredCommand[] = [];
let mockTemplates: TemplateDto[] = [];
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter, useCommands: () => mockCommands }));
const mockClient = { invalidateQueries: jest.fn() };
jest.mock('@tanstack/react-query', () => ({
  ...jest.requireActual<object>('@tanstack/react-query'),
  useQueryClient: () => mockClient,
}));
jest.mock('../../frame/SnackProvider', () => ({ useSnack: () => jest.fn() }));
jest.mock('../../data/use-endpoint', () => ({
  useEndpoint: () => ({ data: mockTemplates, error: null, refetch: jest.fn() }),
}));
/** The worker's work, done at once. */
jest.mock('../../workers/ask-composer', () => ({
  askComposer: async ({ from, kitId, wish }: ComposeQuestion) => mockCompose(mockInputAt(from, kitId), wish),
}));

const sheet = aSheet();
const content = contentOfSheet(sheet);
const from = aComposing({
  limits: [{ limit: 'low-back-bending', severity: 6 }],
  places: [
    { kit: sheet.kit, safety: sheet.safety },
    {
      kit: {
        ...sheet.kit,
        id: 'kit-home1',
        name: 'Home',
        place: 'home',
        pieces: [],
        machines: [],
        gear: [],
        items: ['wall', 'sofa'],
      },
      safety: { ...sheet.safety, isHome: true },
    },
  ],
});
const input = mockInputAt(from, null);
const settle = () => act(async () => undefined);
const press = async (name: string | RegExp) => {
  fireEvent.press(screen.getByRole('button', { name }));
  await settle();
};
const choose = async (name: string) => {
  fireEvent.press(screen.getByRole('radio', { name }));
  await settle();
};
beforeEach(() => {
  jest.clearAllMocks();
  mockCommands = [];
  mockTemplates = [];
  for (const write of [mockWriter.log, mockWriter.save, mockWriter.remove]) write.mockResolvedValue({ status: 'done' });
});

describe('another shape, place or number of minutes', () => {
  const onTake = jest.fn();
  const open = async () => {
    show(<ShapeDialog content={content} from={from} onTake={onTake} onClose={jest.fn()} />);
    await settle();
  };

  it('shows what would change, and saves nothing until it is taken', async () => {
    await open();
    for (let step = 0; step < 5; step += 1) await press('Minutes: less');
    expect(screen.getByText(/^\d+ of 20 min, \d+ exercises\.$/)).toBeTruthy();
    expect(screen.getByText('Minutes: 45 → 20 min')).toBeTruthy();
    expect(onTake).not.toHaveBeenCalled();
    await press('Take it');
    expect((onTake.mock.calls[0] as [SheetContentDto])[0]).toMatchObject({ minutesBudget: 20, kitId: null });
  });

  it('drawing it makes nothing up: ids come when the sheet is saved', async () => {
    const random = jest.spyOn(globalThis.crypto, 'getRandomValues');
    await open();
    await press('Minutes: less');
    expect(random).not.toHaveBeenCalled();
    await press('Take it');
    const [taken] = onTake.mock.calls[0] as [DraftSheet];
    const sent = sheetToSend(taken);
    expect(random).toHaveBeenCalled();
    expect(sheetContent.safeParse(sent).error).toBeUndefined();
    // What was worked out for a new exercise is shown at once, before the server has answered.
    const fresh = sent.items.find(({ id }) => !content.items.some((item) => item.id === id))!;
    expect(freshOf(fresh.id, fresh).why.load).not.toEqual([]);
    random.mockRestore();
  });

  it('offers to take nothing where nothing would change; another purpose alone is a change', async () => {
    const made = mockCompose(input, { shape: content.shape, intent: content.intent, minutes: content.minutesBudget });
    const asComposed = sheetOfComposition(content, made, content);
    show(<ShapeDialog content={sheetToSend(asComposed)} from={from} onTake={onTake} onClose={jest.fn()} />);
    await settle();
    expect(screen.getByText('Nothing would change.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Take it', disabled: true })).toBeTruthy();
    await choose('Lighter day');
    expect(screen.getByText(/^Today: .* → Lighter day$/)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Take it', disabled: false })).toBeTruthy();
  });

  it('another place changes what can be done there', async () => {
    await open();
    await choose('Home');
    await press('Take it');
    const [taken] = onTake.mock.calls[0] as [SheetContentDto];
    expect(taken.kitId).toBe('kit-home1');
    for (const { dose } of taken.items) expect(dose.load.externalKg).toBe(0);
  });

  it('a split asks which day', async () => {
    await open();
    await choose('Two-day split');
    await choose('Day B: hinge and lunge');
    await press('Take it');
    const [taken] = onTake.mock.calls[0] as [SheetContentDto];
    expect([taken.shape, taken.splitDay]).toEqual(['two-day-split', 'b']);
    expect(taken.items.map(({ slot }) => slot)).not.toContain('squat');
  });

  it('says what would have to give where nothing fits', async () => {
    await open();
    for (let step = 0; step < 8; step += 1) await press('Minutes: less');
    expect(screen.getByRole('button', { name: 'Minutes: less', disabled: true })).toBeTruthy();
    expect(screen.getByText(/^(Nothing fits into 5 min\.|\d+ of 5 min, 1 exercise\.)$/)).toBeTruthy();
  });
});

describe('adding an exercise', () => {
  const onAdd = jest.fn();
  const open = () => show(<AddDialog content={content} input={input} onAdd={onAdd} onClose={jest.fn()} />);

  it('finds by name, in the stretch it belongs to', async () => {
    open();
    fireEvent.changeText(screen.getByLabelText('Search exercises'), 'calf raise');
    await press('Add Calf raise');
    const [added, role] = onAdd.mock.calls[0] as [{ slot: string; variationId: string }, string];
    expect([added.slot, added.variationId, role]).toEqual(['calves', 'calf-raise', 'accessory']);
  });

  it('what is locked says why and can’t be added; what stands on the sheet is not offered', () => {
    open();
    fireEvent.changeText(screen.getByLabelText('Search exercises'), 'good morning');
    expect(screen.getByRole('button', { name: 'Good morning is locked', disabled: true })).toBeTruthy();
    expect(screen.getAllByText(/^Locked: low back, bending at 6 of 10/).length).toBeGreaterThan(0);
    fireEvent.changeText(screen.getByLabelText('Search exercises'), 'goblet squat');
    expect(screen.queryByRole('button', { name: 'Add Goblet squat' })).toBeNull();
    fireEvent.changeText(screen.getByLabelText('Search exercises'), 'no such thing');
    expect(screen.getByText(/^None by that name/)).toBeTruthy();
  });
});

describe('templates', () => {
  const template: TemplateDto = {
    id: 'template-1',
    version: 1,
    savedAt: '2026-11-25T08:00:00.000Z',
    name: 'Tuesday',
    shape: content.shape,
    intent: 'build',
    splitDay: null,
    minutesBudget: 45,
    blocks: content.blocks,
    items: content.items,
  };

  it('keeps the sheet by a name, and asks for one', async () => {
    show(<TemplatesDialog content={content} onUse={jest.fn()} onClose={jest.fn()} />);
    await press('Keep it');
    expect(screen.getByText('The name must not be empty.')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Name of the template'), 'Usual Tuesday');
    await press('Keep it');
    expect(mockWriter.save.mock.calls[0]?.[0]).toMatchObject({
      endpointId: 'saveTemplate',
      body: { form: { name: 'Usual Tuesday' } },
    });
  });

  it('throws one away only when asked twice', async () => {
    mockTemplates = [template];
    show(<TemplatesDialog content={content} onUse={jest.fn()} onClose={jest.fn()} />);
    await press('Throw away Tuesday');
    expect(mockWriter.save).not.toHaveBeenCalled();
    expect(screen.getByText(/gone for good/)).toBeTruthy();
    // The question lies over the list, so its button comes last.
    fireEvent.press(screen.getAllByRole('button', { name: 'Throw away' }).at(-1)!);
    await settle();
    expect(mockWriter.save.mock.calls[0]?.[0]).toMatchObject({
      endpointId: 'removeTemplate',
      params: { templateId: 'template-1' },
    });
  });

  it('one that holds nothing open here can’t be taken', () => {
    const offer = { content: { ...content, blocks: [], items: [] }, left: [{ variationId: 'deadlift', reasons: [] }] };
    show(<OfferDialog title="From “Tuesday”" before={content} offer={offer} onTake={jest.fn()} onClose={jest.fn()} />);
    expect(screen.getByRole('button', { name: 'Take it', disabled: true })).toBeTruthy();
    expect(screen.getByText(/^Not open for this person here$/)).toBeTruthy();
  });
});

describe('two screens on one sheet', () => {
  const mine = { ...content, items: content.items.slice(1) };
  const refused = (error: StoredCommand['error']) =>
    aStoredCommand({
      endpointId: 'saveSheet',
      params: { sheetId: sheet.id },
      body: { version: 1, content: mine } as never,
      state: 'needs-you',
      error,
    });
  const stale = { code: 'stale-version', message: 'This sheet was changed elsewhere since you opened it.' } as const;

  it('shows what this screen wanted, and saves it over the other one when told to', async () => {
    mockCommands = [refused(stale)];
    show(<ConflictCard sheet={{ ...sheet, version: 7 }} />);
    expect(screen.getByText('Out: goblet squat')).toBeTruthy();
    // What the other screen made of it is read again.
    expect(mockClient.invalidateQueries).toHaveBeenCalledWith({ queryKey: ['getSheet', { sheetId: sheet.id }] });
    await press('Use mine');
    expect(mockWriter.remove).toHaveBeenCalledWith([mockCommands[0]?.id]);
    expect(mockWriter.log.mock.calls[0]?.[0]).toMatchObject({ endpointId: 'saveSheet', body: { version: 7, content: mine } });
  });

  it('or lets it go; another refusal says why and can’t be forced', async () => {
    mockCommands = [
      refused({ code: 'locked-movement', message: 'No.', fields: [{ path: 'x', message: 'is locked for this person' }] }),
    ];
    show(<ConflictCard sheet={sheet} />);
    expect(screen.getByText('is locked for this person')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Use mine' })).toBeNull();
    await press('Keep this one');
    expect(mockWriter.remove).toHaveBeenCalledTimes(1);
    expect(mockWriter.log).not.toHaveBeenCalled();
  });
});

describe('on top', () => {
  it('says minutes against the budget, by stretch, and what to fetch; why each muscle gets its sets', async () => {
    show(<SheetSummary sums={sumsOf(builtInCatalogue, sheet, content, input)} shape="prep-compounds-accessories" budget={45} />);
    expect(screen.getByText(/^of 45 min$/)).toBeTruthy();
    expect(screen.getByText(/^\d+ min main$/)).toBeTruthy();
    expect(screen.getByText(/To fetch:/)).toBeTruthy();
    await press('Show sets per muscle');
    await press('Why: sets per muscle');
    expect(screen.getAllByText(/hard sets a week/).length).toBeGreaterThan(3);
  });

  it('says how much there is over, in words', () => {
    show(<SheetSummary sums={sumsOf(builtInCatalogue, sheet, content, input)} shape="prep-compounds-accessories" budget={5} />);
    expect(screen.getByText(/^\d+ min over$/)).toBeTruthy();
  });
});
