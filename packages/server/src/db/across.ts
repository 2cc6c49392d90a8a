import type { TrainerDto } from '@drubo/contracts';
import type { TrainerId } from '@drubo/core/vocabulary';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize';
import { NO_LONGER_KEPT } from './queries/commands';
import { graveOfHealth } from './queries/withdraw';
import type { Models, StudioRow, TombstoneRow, TrainerRow } from './models';

/** A sign-in with what every request needs to know of its caller. */
export interface KnownSignIn {
  studioId: string;
  trainerId: TrainerId;
  timeZone: string;
  role: TrainerDto['role'];
  expiresAt: string;
  lastUsedAt: string;
  /** 0 or 1. */
  isKept: number;
}

/** What is asked before it is known which studio is meant: signing in, first run, whether there is a studio at all. */
export interface Across {
  hasStudio(): Promise<boolean>;
  studio(id: string): Promise<StudioRow | null>;
  /** Who signs in with this name; nobody who left. */
  trainerByLogin(loginName: string): Promise<TrainerRow | null>;
  firstTrainer(): Promise<TrainerRow | null>;
  /** By the hash of its token, run out or not; null for an unknown one and that of a trainer who left. */
  signIn(id: string): Promise<KnownSignIn | null>;
  /** Whose sign-in this is, run out or not. */
  studioOfSignIn(id: string): Promise<string | null>;
  /** Which studio an invite is for, used up or too old or not. */
  studioOfInvite(id: string): Promise<string | null>;
  /** Throws where the database doesn't answer. */
  ping(): Promise<void>;
  /** Lets go of what was answered before a moment (ISO 8601). */
  forgetAnswers(before: string): Promise<void>;
  /** Everybody who was erased, or whose health notes were, of whatever studio. */
  graves(): Promise<Pick<TombstoneRow, 'studioId' | 'id' | 'erasedAt'>[]>;
}

const SIGN_IN = `
  SELECT sign_ins.studioId, sign_ins.trainerId, sign_ins.expiresAt, sign_ins.lastUsedAt, sign_ins.isKept, studios.timeZone,
    trainers.role
  FROM sign_ins JOIN studios ON studios.id = sign_ins.studioId
  JOIN trainers ON trainers.studioId = sign_ins.studioId AND trainers.id = sign_ins.trainerId
  WHERE sign_ins.id = :id AND trainers.removedAt IS NULL`;

export const acrossStudios = (sequelize: Sequelize, models: Models): Across => ({
  hasStudio: async () => (await models.studios.count()) > 0,
  studio: async (id) => (await models.studios.findByPk(id))?.get() ?? null,
  trainerByLogin: async (loginName) => (await models.trainers.findOne({ where: { loginName, removedAt: null } }))?.get() ?? null,
  firstTrainer: async () => (await models.trainers.findOne({ order: [['createdAt', 'ASC']] }))?.get() ?? null,
  signIn: async (id) => {
    const [row] = await sequelize.query<KnownSignIn>(SIGN_IN, { type: QueryTypes.SELECT, replacements: { id } });
    return row ?? null;
  },
  studioOfSignIn: async (id) => (await models.signIns.findOne({ where: { id } }))?.get().studioId ?? null,
  studioOfInvite: async (id) => (await models.invites.findOne({ where: { id } }))?.get().studioId ?? null,
  ping: async () => {
    await sequelize.query('SELECT 1');
  },
  forgetAnswers: async (before) => {
    await sequelize.query('UPDATE commands SET reply = :none WHERE receivedAt < :before AND reply <> :none', {
      replacements: { before, none: NO_LONGER_KEPT },
    });
  },
  graves: async () => {
    const people = await models.tombstones.findAll({ where: { kind: 'person' } });
    const notes = await models.withdrawals.findAll();
    return [
      ...people.map((row) => row.get()),
      ...notes.map((row) => {
        const { studioId, personId, at } = row.get();
        return { studioId, id: graveOfHealth(personId), erasedAt: at };
      }),
    ];
  },
});
