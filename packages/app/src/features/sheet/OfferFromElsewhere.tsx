import { useLocalSearchParams, useRouter } from 'expo-router';
import { contentOfSheet } from '@drubo/contracts';
import type { SheetDto } from '@drubo/contracts';
import { reason } from '@drubo/core/vocabulary';
import { adaptTo } from '@drubo/core/sheet-editing';
import type { DraftSheet } from '@drubo/core/sheet-editing';
import { useComposing } from '../../data/use-composing';
import { useSheet } from '../../data/use-session';
import { OfferDialog } from './OfferDialog';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.offerFromElsewhere;

/** A sheet copied over from somebody else, offered once. */
export const OfferFromElsewhere = ({
  sheet,
  content,
  onTake,
}: {
  sheet: SheetDto;
  content: DraftSheet;
  onTake(next: DraftSheet): void;
}) => {
  const { from: sourceId } = useLocalSearchParams<{ from?: string }>();
  return sourceId ? <Offer key={sourceId} sourceId={sourceId} sheet={sheet} content={content} onTake={onTake} /> : null;
};

const Offer = ({
  sourceId,
  sheet,
  content,
  onTake,
}: {
  sourceId: string;
  sheet: SheetDto;
  content: DraftSheet;
  onTake(next: DraftSheet): void;
}) => {
  const router = useRouter();
  const { input } = useComposing(sheet);
  const { sheet: source } = useSheet(sourceId);
  const done = () => router.setParams({ from: '' });
  if (!input || !source) return null;
  const offer = adaptTo(input, content, contentOfSheet(source), [
    reason('from-template', { name: source.personName }, 'trainer'),
  ]);
  return (
    <OfferDialog
      title={words.copiedFrom(source.personName)}
      before={content}
      offer={offer}
      onTake={(next) => {
        onTake(next);
        done();
      }}
      onClose={done}
    />
  );
};
