import { View } from 'react-native';
import type { StandingDto } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { formatMass } from '@drubo/core/explain';
import { LADDERS } from '@drubo/core/knowledge';
import type { MassUnit } from '@drubo/core/vocabulary';
import { SPACE } from '../../theme/tokens';
import { Card } from '../../ui/Card';
import { Heading, Txt } from '../../ui/Txt';
import { useStudio } from '../shell/StudioContext';

/** What the stage asks, and how much of it has been shown. */
const progressOf = ({ target, evidence }: StandingDto, unit: MassUnit): string => {
  if (!target) return 'May stay for good: nothing has to be earned.';
  const what = target.seconds === null ? `${target.sets} × ${target.reps} clean` : `${target.sets} × ${target.seconds} s`;
  const load = target.loadKg === null ? '' : ` at ${formatMass(target.loadKg, unit)}`;
  let running = 0;
  for (let at = evidence.length - 1; at >= 0 && evidence[at]?.isMet; at -= 1) running += 1;
  const last = evidence.at(-1);
  const shown = Math.min(running, target.sessions);
  const soFar = last && !last.isMet ? ` Last time ${last.sets} of ${target.sets} sets.` : '';
  return `${what}${load} in ${target.sessions} ${target.sessions === 1 ? 'session' : 'sessions'} earns the next: ${shown} shown.${soFar}`;
};

/** Where a person stands on each ladder. */
export const StandingsCard = ({ standings }: { standings: readonly StandingDto[] }) => {
  const { unit } = useStudio();
  if (standings.length === 0) return null;
  return (
    <Card>
      <Heading>Stages</Heading>
      {standings.map((standing) => {
        const ladder = LADDERS.find(({ id }) => id === standing.ladderId);
        const rung = ladder?.rungs.find(({ id }) => id === standing.rungId);
        const top = Math.max(...(ladder?.rungs.filter(({ aside }) => !aside).map(({ stage }) => stage) ?? [0]));
        return (
          <View key={standing.ladderId} style={{ gap: SPACE.xs }}>
            <Txt kind="bold">
              {findVariation(builtInCatalogue, standing.variationId)?.name ?? standing.variationId}
              {rung ? ` · stage ${rung.stage} of ${top}` : ''}
            </Txt>
            <Txt kind="small" tone="quiet">
              {ladder?.name}. {progressOf(standing, unit)}
            </Txt>
          </View>
        );
      })}
    </Card>
  );
};
