import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { SheetInput } from '@drubo/core/composing';
import { FAMILY_LABELS, ROLE_HEADINGS } from '@drubo/words/explain';
import { bySearch } from '@drubo/core/knowledge';
import { accessTo } from '@drubo/core/selection';
import { FAMILIES, ROLES } from '@drubo/core/vocabulary';
import type { Family, Role } from '@drubo/core/vocabulary';
import { chosenByHand } from '@drubo/core/sheet-editing';
import type { DraftItem, DraftSheet } from '@drubo/core/sheet-editing';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Row, Stack } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { useExplain } from '../../ui/Why';
import { SearchField } from '../../ui/SearchField';
import { common } from '@drubo/words/screens/common';
import { partsSheetWords } from '@drubo/words/screens/parts-sheet';

const words = partsSheetWords.addDialog;

/** Rows shown at once; search finds the rest. */
const SHOWN = 30;

const ROLE_OF: Partial<Record<Family, Role>> = {
  prep: 'prep',
  finisher: 'finisher',
  calf: 'accessory',
  trunk: 'accessory',
  lateral: 'accessory',
};

/** Puts an exercise on the sheet: search or a family, in a stretch, dosed for this person; what is locked says why. */
export const AddDialog = ({
  content,
  input,
  onAdd,
  onClose,
}: {
  content: DraftSheet;
  input: SheetInput;
  onAdd(item: DraftItem, role: Role, said: string): void;
  onClose(): void;
}) => {
  const explain = useExplain();
  const [search, setSearch] = useState('');
  const [family, setFamily] = useState<Family>('squat');
  const [role, setRole] = useState<Role | null>(null);
  const { catalogue } = input.context;
  const all = catalogue.variations.filter(
    (variation) => !variation.custom && !content.items.some(({ variationId }) => variationId === variation.id),
  );
  const found = search.trim() === '' ? all.filter((variation) => variation.family === family) : bySearch(all, search);
  const rows = found
    .map((variation) => ({ variation, access: accessTo(variation, input.context) }))
    .sort((a, b) => Number(a.access.state === 'locked') - Number(b.access.state === 'locked'));
  return (
    <Modal title={common.addAnExercise} onClose={onClose} closes={common.close}>
      <SearchField label={words.searchExercises} placeholder={common.searchByName} value={search} onChange={setSearch} />
      {search.trim() === '' && (
        <Choices<Family>
          label={common.family}
          options={FAMILIES.map((id) => ({ value: id, label: FAMILY_LABELS[id] }))}
          value={family}
          onChange={setFamily}
        />
      )}
      <Choices<Role | 'auto'>
        label={words.stretch}
        options={[
          { value: 'auto', label: words.whereItBelongs },
          ...ROLES.map((id) => ({ value: id, label: ROLE_HEADINGS[id] })),
        ]}
        value={role ?? 'auto'}
        onChange={(next) => setRole(next === 'auto' ? null : next)}
      />
      {rows.length === 0 && <Txt tone="quiet">{words.noneByThatName}</Txt>}
      <Stack role="list" aria-label={words.exercises} gap="s">
        {rows.slice(0, SHOWN).map(({ variation, access }) => {
          const isLocked = access.state === 'locked';
          const place = role ?? ROLE_OF[variation.family] ?? 'main';
          return (
            <Row role="listitem" key={variation.id} gap="s" style={styles.row}>
              <FamilyGlyph family={variation.family} />
              <View style={styles.grow}>
                <Txt>{variation.name}</Txt>
                {isLocked && (
                  <Txt kind="small" tone="clay">
                    {explain(access.reasons.slice(0, 1))
                      .map(({ text }) => text)
                      .join(' ')}
                  </Txt>
                )}
              </View>
              <Button
                label={isLocked ? words.locked : common.add}
                says={isLocked ? words.isLocked(variation.name) : words.add(variation.name)}
                disabled={isLocked}
                onPress={() => onAdd(chosenByHand(input, content, variation.id, place), place, words.added(variation.name))}
              />
            </Row>
          );
        })}
      </Stack>
      {rows.length > SHOWN && (
        <Txt kind="small" tone="quiet">
          {words.moreSearchByName(rows.length - SHOWN)}
        </Txt>
      )}
    </Modal>
  );
};

const styles = StyleSheet.create({
  row: { minHeight: 48 },
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
