import { changesOf, checkInOf } from '@drubo/contracts';
import type { ContentItemDto, SessionDetailDto, SheetItemDto } from '@drubo/contracts';
import { builtInCatalogue } from '@drubo/core/catalogue';
import type { Exercise as LiveExercise, Running } from '@drubo/core/live';
import { onFloor } from '@drubo/core/session';
import { freshOf } from '../../data/offline/fresh-items';

/** A running session with the changes of the day on its sheet. */
export interface FloorDetail
  extends SessionDetailDto, Pick<Running<SheetItemDto>, 'floor' | 'checkIn' | 'cutToday' | 'catalogue'> {}

/** One exercise of it. */
export type Exercise = LiveExercise<SheetItemDto>;

/** An exercise that came in on the way, as the sheet's own are: what the server knows of it, else what this device does. */
const asSheetItem = (item: ContentItemDto | SheetItemDto, known: readonly SheetItemDto[]): SheetItemDto => {
  if ('proposed' in item) return item;
  const stored = known.find(({ id }) => id === item.id);
  const { proposed, why, past } = freshOf(item.id, item);
  return { proposed, why, past, lastTime: null, edited: false, ...stored, ...item };
};

const known = new WeakMap<SessionDetailDto, FloorDetail>();

/** The session as it runs. The same detail gives the same object, so that what is kept for its items stays. */
export const onTheFloor = (detail: SessionDetailDto): FloorDetail => {
  const kept = known.get(detail);
  if (kept) return kept;
  const { sheet, records, floorItems } = detail;
  const changes = changesOf(records);
  const { content, ...floor } = onFloor<ContentItemDto>({ blocks: sheet.blocks, items: sheet.items }, changes);
  const cut = changes.flatMap((change) => (change.kind === 'dose' && change.because === 'check-in' ? [change.itemId] : []));
  const made: FloorDetail = {
    ...detail,
    sheet: {
      ...sheet,
      blocks: [...content.blocks],
      items: content.items.map((item) => asSheetItem(item, floorItems)),
    },
    floor,
    checkIn: checkInOf(records),
    cutToday: new Set(cut),
    catalogue: builtInCatalogue,
  };
  known.set(detail, made);
  return made;
};
