import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { Row, Stack } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { keepLetterKeys, readLetterKeys } from '../../data/letter-keys';
import { SHEET_KEYS } from '../../frame/key-lists';
import { common } from '@drubo/words/screens/common';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.sheetMenu;

export type MenuChoice = 'cool-down' | 'templates' | 'copy' | 'text' | 'blank' | 'remove-copy';

/** What else can be done with a sheet. */
export const SheetMenu = ({ isCopy, onChoose }: { isCopy: boolean; onChoose(choice: MenuChoice): void }) => {
  const [isOpen, setOpen] = useState(false);
  const [hasLetters, setLetters] = useState(readLetterKeys);
  const choose = (choice: MenuChoice) => () => {
    setOpen(false);
    onChoose(choice);
  };
  return (
    <>
      <Button grow label={words.more} says={words.moreAboutThisSheet} onPress={() => setOpen(true)} />
      {isOpen && (
        <Modal
          title={words.thisSheet}
          onClose={() => setOpen(false)}
          actions={<Button label={common.close} onPress={() => setOpen(false)} />}
        >
          <Stack gap="s">
            <Button label={words.addACoolDown} onPress={choose('cool-down')} />
            <Button label={words.templates} onPress={choose('templates')} />
            <Button label={words.copyToAnotherDay} onPress={choose('copy')} />
            <Button label={words.asTextPrint} onPress={choose('text')} />
            <Button label={words.startFromBlank} onPress={choose('blank')} />
            {isCopy && <Button look="danger" label={words.takeThisCopyAway} onPress={choose('remove-copy')} />}
          </Stack>
          <Choices
            label={words.singleLetterKeys}
            options={[
              { value: 'on', label: words.on },
              { value: 'off', label: words.off },
            ]}
            value={hasLetters ? 'on' : 'off'}
            onChange={(next) => {
              keepLetterKeys(next === 'on');
              setLetters(next === 'on');
            }}
          />
          <Stack role="list" aria-label={words.keys} gap="xs">
            <Txt kind="bold">{words.keys}</Txt>
            {SHEET_KEYS.map(([key, does]) => (
              <Row role="listitem" key={key} gap="m" align="stretch">
                <Txt kind="label" style={{ width: 110 }}>
                  {key}
                </Txt>
                <Txt style={{ flexShrink: 1 }}>{does}</Txt>
              </Row>
            ))}
          </Stack>
        </Modal>
      )}
    </>
  );
};
