import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { isModelled } from '@drubo/core';
import { bySearch } from '@drubo/core/knowledge';
import type { Variation } from '@drubo/core/catalogue';
import { useCatalogue } from '../../data/use-catalogue';
import { SPACE, TARGET } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { SearchField } from '../../ui/SearchField';
import { common } from '@drubo/words/screens/common';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.pickMove;

/** Picks what a movement is compared with, of those the posture model knows. */
export const PickMove = ({ label, left }: { label: string; left: Variation }) => {
  const router = useRouter();
  const catalogue = useCatalogue();
  const [isOpen, setOpen] = useState(false);
  const [search, setSearch] = useState('');
  const known = catalogue.variations.filter((v) => isModelled(v.figure) && !v.custom?.retired);
  const found = bySearch(known, search);
  return (
    <>
      <Button label={label} onPress={() => setOpen(true)} />
      {isOpen && (
        <Modal
          title={words.compareWith(left.name)}
          onClose={() => setOpen(false)}
          actions={<Button label={common.close} onPress={() => setOpen(false)} />}
        >
          <SearchField
            label={words.searchMovementsToCompare}
            placeholder={common.searchByName}
            value={search}
            onChange={setSearch}
          />
          {found.length === 0 && <Txt tone="quiet">{words.noneByThatName}</Txt>}
          {found.length > 0 && (
            <View role="list" aria-label={words.movementsToCompareWith}>
              {found.map((v) => (
                <View role="listitem" key={v.id}>
                  <Pressable
                    role="button"
                    aria-label={v.name}
                    onPress={() => {
                      setOpen(false);
                      router.setParams({ with: v.id });
                    }}
                    style={styles.row}
                  >
                    <FamilyGlyph family={v.family} size={16} />
                    <Txt>{v.id === left.id ? words.otherSettings(v.name) : v.name}</Txt>
                  </Pressable>
                </View>
              ))}
            </View>
          )}
        </Modal>
      )}
    </>
  );
};

const styles = StyleSheet.create({ row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, minHeight: TARGET.usual } });
