import type { BodyOf, PersonDetailDto, PersonRecordDto } from '@drubo/contracts';
import { READ_SLACK_MS } from './overlay';
import type { StoredCommand } from './types';

const isOfPerson = ({ endpointId, params }: StoredCommand, personId: string): boolean =>
  (endpointId === 'saveIntake' || endpointId === 'saveRecord' || endpointId === 'setRecordRemoved') &&
  params['personId'] === personId;

const withRecord = (records: readonly PersonRecordDto[], record: PersonRecordDto): PersonRecordDto[] => {
  const known = records.find(({ id }) => id === record.id);
  if (known && known.revision >= record.revision) return [...records];
  return [...records.filter(({ id }) => id !== record.id), ...(record.removed ? [] : [record])];
};

const recordOf = (command: StoredCommand, records: readonly PersonRecordDto[]): PersonRecordDto | null => {
  if (command.state === 'done') return command.reply as PersonRecordDto;
  const id = command.params['recordId'] ?? command.id;
  const known = records.find((record) => record.id === id);
  const next = { revision: (known?.revision ?? 0) + 1, savedAt: new Date(command.queuedAt).toISOString() };
  if (command.endpointId === 'setRecordRemoved') {
    const { removed } = command.body as unknown as BodyOf<'setRecordRemoved'>;
    return known ? { ...known, ...next, removed } : null;
  }
  const { fields } = command.body as unknown as BodyOf<'saveRecord'>;
  const personId = command.params['personId'] ?? '';
  return { id, personId, removed: false, trainerId: known?.trainerId ?? '', ...next, fields };
};

/**
 * A person's page with what this device saved on it, whether sent yet or sent after the page was read. What their next
 * sheet makes of it is the server's to say. `readAt`: when the server's answer arrived.
 */
export const personWithCommands = (
  detail: PersonDetailDto,
  commands: readonly StoredCommand[],
  readAt: number,
): PersonDetailDto =>
  commands
    .filter(
      (command) =>
        isOfPerson(command, detail.person.id) &&
        (command.state === 'waiting' || (command.state === 'done' && (command.settledAt ?? 0) > readAt - READ_SLACK_MS)),
    )
    .reduce<PersonDetailDto>((shown, command) => {
      if (command.endpointId === 'saveIntake') {
        const { fields } = command.body as unknown as BodyOf<'saveIntake'>;
        const given = Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined));
        return { ...shown, intake: { ...shown.intake, ...given } };
      }
      const record = recordOf(command, shown.records);
      return record ? { ...shown, records: withRecord(shown.records, record) } : shown;
    }, detail);
