import { randomUUID } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize';

/** What is known of the server itself: which life of it this is, and when it was last seen to write. */
type Fact = 'epoch' | 'wrote';

export const setFact = async (sequelize: Sequelize, name: Fact, value: string): Promise<void> => {
  await sequelize.query(
    'INSERT INTO server_facts (name, value) VALUES (:name, :value) ON CONFLICT (name) DO UPDATE SET value = excluded.value',
    {
      replacements: { name, value },
    },
  );
};

/** Which life of the server this is; begun where the database is new. */
export const epochOf = async (sequelize: Sequelize): Promise<string> => {
  const [row] = await sequelize.query<{ value: string }>(`SELECT value FROM server_facts WHERE name = 'epoch'`, {
    type: QueryTypes.SELECT,
  });
  if (row) return row.value;
  const epoch = randomUUID();
  await setFact(sequelize, 'epoch', epoch);
  return epoch;
};
