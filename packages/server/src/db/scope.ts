import { literal, Op, QueryTypes } from 'sequelize';
import type { Model, ModelStatic, Order, Sequelize, Transaction, WhereOptions } from 'sequelize';
import type { Models, StudioRow, Views } from './models';
import { readRow, writtenRow } from './models/define-table';

type RowOf<M> = M extends ModelStatic<Model<infer Row>> ? Row : never;
type ScopedName = Exclude<keyof Models, 'studios'>;
/** What can be read: tables, and views of what is current in them. */
type ReadName = ScopedName | keyof Views;
type ScopedRow<Name extends ReadName> = RowOf<(Models & Views)[Name]>;
/** A condition without the studio: the scope adds that itself. */
type Where<Name extends ReadName> = Omit<Extract<WhereOptions<ScopedRow<Name>>, object>, 'studioId'>;

/** Rows of one studio and no other. The only way the rest of the server reaches a table. */
export interface Scope {
  readonly studioId: string;
  /** The studio's own row; null where there is none yet. */
  studio(): Promise<StudioRow | null>;
  /** Makes the studio, or writes over its row. */
  saveStudio(row: Omit<StudioRow, 'id'>): Promise<void>;
  /** Whether no studio is kept here yet, this one included. */
  isFirstStudio(): Promise<boolean>;
  /** Whether somebody signs in with this name, in whatever studio: names are the server's. */
  isLoginTaken(loginName: string): Promise<boolean>;
  one<Name extends ReadName>(table: Name, where: Where<Name>): Promise<ScopedRow<Name> | null>;
  /** `columns`: only these are read; years of rows with all their reasons are too many where a few are looked at. */
  all<Name extends ReadName, Column extends keyof ScopedRow<Name> & string = keyof ScopedRow<Name> & string>(
    table: Name,
    where: Where<Name>,
    options?: { order?: Order; limit?: number; columns?: readonly Column[] },
  ): Promise<Pick<ScopedRow<Name>, Column>[]>;
  /** All rows in the order of a key, so many at a time: a studio's years are not held in memory. The key must tell rows apart. */
  pages<Name extends ReadName>(
    table: Name,
    where: Where<Name>,
    key: readonly (keyof ScopedRow<Name> & string)[],
  ): AsyncGenerator<ScopedRow<Name>[]>;
  count<Name extends ReadName>(table: Name, where: Where<Name>): Promise<number>;
  /** Rows of one hand-written SELECT, for the hot paths. It must name `:studioId`; flags and JSON come as stored. */
  select<Row extends object>(sql: string, values: Record<string, unknown>): Promise<Row[]>;
  /** One hand-written change of many rows. It must name `:studioId`. */
  run(sql: string, values: Record<string, unknown>): Promise<void>;
  insert<Name extends ScopedName>(table: Name, row: Omit<ScopedRow<Name>, 'studioId'>): Promise<void>;
  insertAll<Name extends ScopedName>(table: Name, rows: readonly Omit<ScopedRow<Name>, 'studioId'>[]): Promise<void>;
  upsert<Name extends ScopedName>(table: Name, row: Omit<ScopedRow<Name>, 'studioId'>): Promise<void>;
  update<Name extends ScopedName>(table: Name, values: Partial<ScopedRow<Name>>, where: Where<Name>): Promise<number>;
  remove<Name extends ScopedName>(table: Name, where: Where<Name>): Promise<void>;
  /** Work to be done once what was written here is there for everybody; none of it where the write fails. */
  afterwards(work: () => void): void;
}

/** Rows read at once where all are read. */
const PAGE = 500;

/** A scope over the models, inside a transaction where one is given. */
export const makeScope = (sequelize: Sequelize, models: Models & Views, studioId: string, transaction?: Transaction): Scope => {
  const afterCommit = (work: () => void): void => {
    if (!transaction) throw new Error('scope.afterwards: nothing is written here');
    transaction.afterCommit(work);
  };
  // Inside this one function rows are untyped; the interface above types every use.
  const model = (table: ReadName) => models[table] as unknown as ModelStatic<Model>;
  const within = (where: object) => ({ where: { ...where, studioId }, transaction });
  const escapeOf = (value: unknown): string => sequelize.escape(value as string | number);
  const withStudio = (row: object) => ({ ...row, studioId });
  return {
    studioId,
    studio: async () => (await models.studios.findByPk(studioId, { transaction }))?.get() ?? null,
    saveStudio: async (row) => {
      await models.studios.upsert({ ...row, id: studioId }, { transaction, returning: false });
    },
    isFirstStudio: async () => (await models.studios.count({ transaction })) === 0,
    isLoginTaken: async (loginName) => (await models.trainers.count({ where: { loginName }, transaction })) > 0,
    one: async (table, where) => {
      const row = await model(table).findOne({ ...within(where), raw: true });
      return (row ? readRow(model(table), row as never) : null) as never;
    },
    all: async (table, where, { columns, ...options } = {}) =>
      (
        await model(table).findAll({ ...within(where), ...options, ...(columns ? { attributes: [...columns] } : {}), raw: true })
      ).map((row) => readRow(model(table), row as never)) as never,
    pages: async function* (table, where, key) {
      let last: Record<string, unknown> | undefined;
      const order = key.map((column): [string, string] => [column, 'ASC']);
      for (;;) {
        const { where: own } = within(where);
        const beyond = last && literal(`(${key.join(', ')}) > (${key.map((column) => escapeOf(last?.[column])).join(', ')})`);
        const rows = await model(table).findAll({
          where: beyond ? { [Op.and]: [own, beyond] } : own,
          order,
          limit: PAGE,
          raw: true,
          transaction,
        });
        if (rows.length === 0) return;
        yield rows.map((row) => readRow(model(table), row as never)) as never;
        last = rows.at(-1) as unknown as Record<string, unknown>;
      }
    },
    count: (table, where) => model(table).count(within(where)),
    select: async <Row extends object>(sql: string, values: Record<string, unknown>) => {
      if (!sql.includes(':studioId')) throw new Error('scope.select: every query names its studio');
      return sequelize.query<Row>(sql, { type: QueryTypes.SELECT, replacements: { ...values, studioId }, transaction });
    },
    run: async (sql, values) => {
      if (!sql.includes(':studioId')) throw new Error('scope.run: every change names its studio');
      await sequelize.query(sql, { replacements: { ...values, studioId }, transaction });
    },
    insert: async (table, row) => {
      const { names, values } = writtenRow(model(table), withStudio(row));
      const sql = `INSERT INTO ${model(table).tableName} (${names.join(', ')}) VALUES (${names.map(() => '?').join(', ')})`;
      await sequelize.query(sql, { type: QueryTypes.INSERT, replacements: values, transaction });
    },
    insertAll: async (table, rows) => {
      await model(table).bulkCreate(rows.map(withStudio), { transaction });
    },
    upsert: async (table, row) => {
      await model(table).upsert(withStudio(row), { transaction, returning: false });
    },
    update: async (table, values, where) => (await model(table).update(values, within(where)))[0],
    remove: async (table, where) => {
      await model(table).destroy(within(where));
    },
    afterwards: afterCommit,
  };
};
