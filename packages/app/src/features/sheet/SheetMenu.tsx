import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { Row, Stack } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { keepLetterKeys, readLetterKeys } from '../../data/letter-keys';
import { SHEET_KEYS } from '../../frame/key-lists';

export type MenuChoice = 'templates' | 'copy' | 'text' | 'blank' | 'remove-copy';

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
      <Button grow label="More" says="More about this sheet" onPress={() => setOpen(true)} />
      {isOpen && (
        <Modal
          title="This sheet"
          onClose={() => setOpen(false)}
          actions={<Button label="Close" onPress={() => setOpen(false)} />}
        >
          <Stack gap="s">
            <Button label="Templates" onPress={choose('templates')} />
            <Button label="Copy to another day or person" onPress={choose('copy')} />
            <Button label="As text, print" onPress={choose('text')} />
            <Button label="Start from blank" onPress={choose('blank')} />
            {isCopy && <Button look="danger" label="Take this copy away" onPress={choose('remove-copy')} />}
          </Stack>
          <Choices
            label="Single-letter keys"
            options={[
              { value: 'on', label: 'On' },
              { value: 'off', label: 'Off' },
            ]}
            value={hasLetters ? 'on' : 'off'}
            onChange={(next) => {
              keepLetterKeys(next === 'on');
              setLetters(next === 'on');
            }}
          />
          <Stack role="list" aria-label="Keys" gap="xs">
            <Txt kind="bold">Keys</Txt>
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
