import { QueryTypes } from 'sequelize';
import type { Model, ModelStatic, Order, Sequelize, Transaction, WhereOptions } from 'sequelize';
import type { Models } from './models';
import { readRow, writtenRow } from './models/define-table';

type RowOf<M> = M extends ModelStatic<Model<infer Row>> ? Row : never;
type ScopedName = Exclude<keyof Models, 'studios'>;
type ScopedRow<Name extends ScopedName> = RowOf<Models[Name]>;
/** A condition without the studio: the scope adds that itself. */
type Where<Name extends ScopedName> = Omit<Extract<WhereOptions<ScopedRow<Name>>, object>, 'studioId'>;

/** Rows of one studio and no other. The only way the rest of the server reaches a table. */
export interface Scope {
  readonly studioId: string;
  one<Name extends ScopedName>(table: Name, where: Where<Name>): Promise<ScopedRow<Name> | null>;
  all<Name extends ScopedName>(
    table: Name,
    where: Where<Name>,
    options?: { order?: Order; limit?: number },
  ): Promise<ScopedRow<Name>[]>;
  /** Rows of one hand-written SELECT, for the hot paths. It must name `:studioId`; flags and JSON come as stored. */
  select<Row extends object>(sql: string, values: Record<string, unknown>): Promise<Row[]>;
  insert<Name extends ScopedName>(table: Name, row: Omit<ScopedRow<Name>, 'studioId'>): Promise<void>;
  insertAll<Name extends ScopedName>(table: Name, rows: readonly Omit<ScopedRow<Name>, 'studioId'>[]): Promise<void>;
  upsert<Name extends ScopedName>(table: Name, row: Omit<ScopedRow<Name>, 'studioId'>): Promise<void>;
  update<Name extends ScopedName>(table: Name, values: Partial<ScopedRow<Name>>, where: Where<Name>): Promise<number>;
  remove<Name extends ScopedName>(table: Name, where: Where<Name>): Promise<void>;
}

/** A scope over the models, inside a transaction where one is given. */
export const makeScope = (sequelize: Sequelize, models: Models, studioId: string, transaction?: Transaction): Scope => {
  // Inside this one function rows are untyped; the interface above types every use.
  const model = (table: ScopedName) => models[table] as unknown as ModelStatic<Model>;
  const within = (where: object) => ({ where: { ...where, studioId }, transaction });
  const withStudio = (row: object) => ({ ...row, studioId });
  return {
    studioId,
    one: async (table, where) => {
      const row = await model(table).findOne({ ...within(where), raw: true });
      return (row ? readRow(model(table), row as never) : null) as never;
    },
    all: async (table, where, options = {}) =>
      (await model(table).findAll({ ...within(where), ...options, raw: true })).map((row) =>
        readRow(model(table), row as never),
      ) as never,
    select: async <Row extends object>(sql: string, values: Record<string, unknown>) => {
      if (!sql.includes(':studioId')) throw new Error('scope.select: every query names its studio');
      return sequelize.query<Row>(sql, { type: QueryTypes.SELECT, replacements: { ...values, studioId }, transaction });
    },
    insert: async (table, row) => {
      const { names, values } = writtenRow(model(table), withStudio(row));
      const sql = `INSERT INTO ${String(model(table).getTableName())} (${names.join(', ')}) VALUES (${names.map(() => '?').join(', ')})`;
      await sequelize.query(sql, { type: QueryTypes.INSERT, replacements: values, transaction });
    },
    insertAll: async (table, rows) => void (await model(table).bulkCreate(rows.map(withStudio), { transaction })),
    upsert: async (table, row) => void (await model(table).upsert(withStudio(row), { transaction, returning: false })),
    update: async (table, values, where) => (await model(table).update(values as object, within(where)))[0],
    remove: async (table, where) => void (await model(table).destroy(within(where))),
  };
};
