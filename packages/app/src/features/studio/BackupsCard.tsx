import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { BackupsDto } from '@drubo/contracts';
import { formatWeekDayTime } from '@drubo/words/dates';
import { formatNumber } from '@drubo/words/explain';
import { studioWords } from '@drubo/words/screens/studio';
import { callEndpoint } from '../../data/api';
import { keyOf } from '../../data/keys';
import { useEndpoint } from '../../data/use-endpoint';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Row, Stack } from '../../ui/layout';
import { Problem } from '../../ui/Problem';
import { Shown } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { Icon } from '../../ui/icons/Icon';
import { usePalette } from '../../theme/use-palette';

const words = studioWords.backupsCard;

const HOUR_MS = 3_600_000;
const BYTES_A_MB = 1024 * 1024;

const ageOf = (coversUntil: string): string => {
  const hours = Math.floor((Date.now() - Date.parse(coversUntil)) / HOUR_MS);
  return hours < 48 ? words.hoursAgo(hours) : words.daysAgo(Math.floor(hours / 24));
};

/** How old the newest copy is, with a warning where it is too old; what there is; and one more by hand. */
const Copies = ({ folder, made, isOverdue }: BackupsDto) => {
  const palette = usePalette();
  const [newest] = made;
  return (
    <Stack gap="s">
      {isOverdue && (
        <Row gap="s">
          <Icon name="warning" size={20} color={palette.clay} />
          <Txt tone="clay" role="alert" style={{ flexShrink: 1 }}>
            {newest ? words.tooOld(ageOf(newest.coversUntil)) : words.noneYet}
          </Txt>
        </Row>
      )}
      {newest && !isOverdue && <Txt>{words.newest(ageOf(newest.coversUntil))}</Txt>}
      {made.slice(0, 3).map(({ coversUntil, bytes }) => (
        <Txt key={coversUntil} kind="small" tone="quiet">
          {words.line(formatWeekDayTime(Date.parse(coversUntil)), formatNumber(bytes / BYTES_A_MB))}
        </Txt>
      ))}
      {made.length > 3 && (
        <Txt kind="small" tone="quiet">
          {words.andMore(made.length - 3)}
        </Txt>
      )}
      <Txt kind="small" tone="quiet">
        {words.whereAndHow(folder)}
      </Txt>
    </Stack>
  );
};

/** Copies the server makes of everything by itself. */
export const BackupsCard = () => {
  const client = useQueryClient();
  const query = useEndpoint('listBackups');
  const make = useMutation({
    mutationFn: () => callEndpoint('makeBackup', { body: {} }),
    onSuccess: (now) => client.setQueryData(keyOf('listBackups'), now),
  });
  return (
    <Card>
      <Heading>{words.backups}</Heading>
      <Shown what={words.theBackups} query={query}>
        {(backups) => <Copies {...backups} />}
      </Shown>
      <Problem text={make.error?.message} />
      <Button label={words.makeOneNow} busy={make.isPending} onPress={() => make.mutate()} />
    </Card>
  );
};
