import type { SheetId } from '@drubo/core/vocabulary';
import { useMemo, useState } from 'react';
import { contentOfSheet } from '@drubo/contracts';
import type { SheetContentDto, SheetDto } from '@drubo/contracts';
import type { DraftSheet } from '@drubo/core/sheet-editing';
import { sheetAggregate } from '../../data/offline/lines';
import { useWriter } from '../../data/offline/QueueProvider';
import { sheetToSend } from '../../data/settle';

/** What was saved before, and what was undone: for as long as the app is open. */
interface History {
  past: SheetContentDto[];
  future: SheetContentDto[];
}

const histories = new Map<string, History>();
/** Steps that can be undone. House default. */
const MOST_STEPS = 200;

const historyOf = (sheetId: SheetId): History => {
  const known = histories.get(sheetId) ?? { past: [], future: [] };
  histories.set(sheetId, known);
  return known;
};

/** Changing a sheet: every change is saved whole, undoing saves what was. */
export interface Editor {
  content: SheetContentDto;
  isReady: boolean;
  change(next: DraftSheet): void;
  undo: (() => void) | null;
  redo: (() => void) | null;
}

const isSame = (a: SheetContentDto, b: SheetContentDto): boolean => JSON.stringify(a) === JSON.stringify(b);

export const useEditor = (sheet: SheetDto): Editor => {
  const writer = useWriter();
  const [, redraw] = useState(0);
  const history = historyOf(sheet.id);
  const content = useMemo(() => contentOfSheet(sheet), [sheet]);
  const save = (next: SheetContentDto): void => {
    redraw((count) => count + 1);
    void writer.log({
      endpointId: 'saveSheet',
      params: { sheetId: sheet.id },
      body: { version: sheet.version, content: next },
      aggregate: sheetAggregate(sheet.id),
    });
  };
  const step = (from: SheetContentDto[], to: SheetContentDto[]): (() => void) | null => {
    if (from.length === 0) return null;
    return () => {
      const next = from.pop();
      if (!next) return;
      to.push(content);
      save(next);
    };
  };
  return {
    content,
    isReady: writer.isReady,
    change: (draft) => {
      const next = sheetToSend(draft);
      if (isSame(next, content)) return;
      history.past.push(content);
      if (history.past.length > MOST_STEPS) history.past.shift();
      history.future.length = 0;
      save(next);
    },
    undo: step(history.past, history.future),
    redo: step(history.future, history.past),
  };
};
