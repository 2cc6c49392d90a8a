import type { KitId } from '@drubo/core/vocabulary';
import { sheetInputOf } from '@drubo/contracts';
import type { ComposingDto } from '@drubo/contracts';
import { builtInCatalogue } from '@drubo/core/catalogue';
import type { SheetInput } from '@drubo/core/composing';
import { roomOf } from '@drubo/core/kit';
import { dataWords } from '@drubo/words/screens/data';

const words = dataWords.composingInput;

/** What a session is composed from at one of the person's places; the usual one where none is named. */
export const inputAt = (from: ComposingDto, kitId: KitId | null): SheetInput => {
  const place = from.places.find(({ kit }) => kit.id === kitId) ?? from.places[0];
  if (!place) throw new Error(words.thisPersonHasNowhere);
  return sheetInputOf(from, place, builtInCatalogue, (kit) => roomOf(kit, kit.items));
};
