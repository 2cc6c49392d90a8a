import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { templateForm } from '@drubo/contracts';
import type { SheetContentDto, TemplateDto } from '@drubo/contracts';
import { SHAPE_LABELS } from '@drubo/words/explain';
import { newId } from '../../data/ids';
import { useWriter } from '../../data/offline/QueueProvider';
import { problemOf } from '../../data/refusal';
import { useEndpoint } from '../../data/use-endpoint';
import { Button } from '../../ui/Button';
import { Confirm } from '../../ui/Confirm';
import { Field } from '../../ui/Field';
import { Stack, Wrap } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Shown } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { useSnack } from '../../frame/SnackProvider';
import { common } from '@drubo/words/screens/common';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.templatesDialog;

const formOf = (content: SheetContentDto, name: string) => {
  const { shape, intent, splitDay, minutesBudget, blocks, items } = content;
  return {
    name,
    shape,
    intent,
    splitDay,
    minutesBudget,
    blocks,
    items: items.map(({ blockId, slot, variationId, values, dose }) => ({ blockId, slot, variationId, values, dose })),
  };
};

/** Sessions of one's own: keep this one, use one, throw one away. */
export const TemplatesDialog = ({
  content,
  onUse,
  onClose,
}: {
  content: SheetContentDto;
  onUse(template: TemplateDto): void;
  onClose(): void;
}) => {
  const writer = useWriter();
  const snack = useSnack();
  const query = useEndpoint('listTemplates');
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [leaving, setLeaving] = useState<TemplateDto | null>(null);
  const keep = async () => {
    const form = templateForm.safeParse(formOf(content, name));
    if (!form.success) {
      const [issue] = form.error.issues;
      setProblem(issue?.path[0] === 'name' ? words.theName(issue.message) : words.anEmptySheetCant);
      return;
    }
    try {
      await writer.save({
        endpointId: 'saveTemplate',
        params: { templateId: newId() },
        body: { form: form.data },
        aggregate: 'templates',
      });
      snack({ text: words.keptAs(form.data.name) });
      setName('');
      setProblem(null);
    } catch (error) {
      setProblem(problemOf(error));
    }
  };
  const throwAway = async (template: TemplateDto) => {
    setLeaving(null);
    try {
      await writer.save({
        endpointId: 'removeTemplate',
        params: { templateId: template.id },
        body: {},
        aggregate: 'templates',
      });
    } catch (error) {
      setProblem(problemOf(error));
    }
  };
  return (
    <Modal title={words.templates} onClose={onClose} problem={problem} closes={common.close}>
      <Stack gap="s">
        <Heading level={3}>{words.keepThisSheetAs}</Heading>
        <Field label={words.nameOfTheTemplate} value={name} onChangeText={setName} />
        <Button label={words.keepIt} disabled={!writer.isReady} onPress={() => void keep()} />
      </Stack>
      <Heading level={3}>{words.yours}</Heading>
      <Shown what={words.yourTemplates} query={query}>
        {(templates) =>
          templates.length === 0 ? (
            <Txt tone="quiet">{words.noneYetLoadsAre}</Txt>
          ) : (
            <Stack role="list" aria-label={words.templates} gap="s">
              {templates.map((template) => (
                <Wrap role="listitem" key={template.id} gap="s" align="center">
                  <View style={styles.grow}>
                    <Txt kind="bold">{template.name}</Txt>
                    <Txt kind="small" tone="quiet">
                      {words.min(SHAPE_LABELS[template.shape], template.items.length, template.minutesBudget)}
                    </Txt>
                  </View>
                  <Button label={words.use} says={words.useWithName(template.name)} onPress={() => onUse(template)} />
                  <Button
                    look="danger"
                    label={words.throwAway}
                    says={words.throwAwayWithName(template.name)}
                    onPress={() => setLeaving(template)}
                  />
                </Wrap>
              ))}
            </Stack>
          )
        }
      </Shown>
      {leaving && (
        <Confirm
          title={words.throwAwayWithName2(leaving.name)}
          text={words.theTemplateIsGone}
          yes={words.throwAway}
          onYes={() => void throwAway(leaving)}
          onNo={() => setLeaving(null)}
        />
      )}
    </Modal>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 140 },
});
