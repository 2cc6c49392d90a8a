import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { templateForm } from '@drubo/contracts';
import type { SheetContentDto, TemplateDto } from '@drubo/contracts';
import { counted, SHAPE_LABELS } from '@drubo/words/explain';
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
      setProblem(
        issue?.path[0] === 'name' ? `The name ${issue.message}.` : 'An empty sheet can’t be kept: add an exercise first.',
      );
      return;
    }
    try {
      await writer.save({
        endpointId: 'saveTemplate',
        params: { templateId: newId() },
        body: { form: form.data },
        aggregate: 'templates',
      });
      snack({ text: `Kept as “${form.data.name}”.` });
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
    <Modal title="Templates" onClose={onClose} problem={problem} closes="Close">
      <Stack gap="s">
        <Heading level={3}>Keep this sheet as a template</Heading>
        <Field label="Name of the template" value={name} onChangeText={setName} />
        <Button label="Keep it" disabled={!writer.isReady} onPress={() => void keep()} />
      </Stack>
      <Heading level={3}>Yours</Heading>
      <Shown what="your templates" query={query}>
        {(templates) =>
          templates.length === 0 ? (
            <Txt tone="quiet">None yet. Loads are found anew for whoever gets one.</Txt>
          ) : (
            <Stack role="list" aria-label="Templates" gap="s">
              {templates.map((template) => (
                <Wrap role="listitem" key={template.id} gap="s" align="center">
                  <View style={styles.grow}>
                    <Txt kind="bold">{template.name}</Txt>
                    <Txt kind="small" tone="quiet">
                      {SHAPE_LABELS[template.shape]} · {counted(template.items.length, 'exercise')} · {template.minutesBudget} min
                    </Txt>
                  </View>
                  <Button label="Use" says={`Use ${template.name}`} onPress={() => onUse(template)} />
                  <Button
                    look="danger"
                    label="Throw away"
                    says={`Throw away ${template.name}`}
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
          title={`Throw away “${leaving.name}”?`}
          text="The template is gone for good. Sheets made from it stay as they are."
          yes="Throw away"
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
