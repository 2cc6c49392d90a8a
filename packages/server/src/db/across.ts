import type { TrainerId } from '@drubo/core/vocabulary';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize';
import type { Models, StudioRow, TrainerRow } from './models';

/** A sign-in with what every request needs to know of its caller. */
export interface KnownSignIn {
  studioId: string;
  trainerId: TrainerId;
  timeZone: string;
  expiresAt: string;
}

/** What is asked before it is known which studio is meant: signing in, first run, whether there is a studio at all. */
export interface Across {
  hasStudio(): Promise<boolean>;
  studio(id: string): Promise<StudioRow | null>;
  trainerByLogin(loginName: string): Promise<TrainerRow | null>;
  firstTrainer(): Promise<TrainerRow | null>;
  /** By the hash of its token; null for an unknown one and one that has run out. */
  signIn(id: string, now: string): Promise<KnownSignIn | null>;
  /** Whose sign-in this is, run out or not. */
  studioOfSignIn(id: string): Promise<string | null>;
  /** Which studio an invite is for, used up or too old or not. */
  studioOfInvite(id: string): Promise<string | null>;
  /** Throws where the database doesn't answer. */
  ping(): Promise<void>;
}

const SIGN_IN = `
  SELECT sign_ins.studioId, sign_ins.trainerId, sign_ins.expiresAt, studios.timeZone
  FROM sign_ins JOIN studios ON studios.id = sign_ins.studioId
  WHERE sign_ins.id = :id AND sign_ins.expiresAt > :now`;

export const acrossStudios = (sequelize: Sequelize, models: Models): Across => ({
  hasStudio: async () => (await models.studios.count()) > 0,
  studio: async (id) => (await models.studios.findByPk(id))?.get() ?? null,
  trainerByLogin: async (loginName) => (await models.trainers.findOne({ where: { loginName } }))?.get() ?? null,
  firstTrainer: async () => (await models.trainers.findOne({ order: [['createdAt', 'ASC']] }))?.get() ?? null,
  signIn: async (id, now) => {
    const [row] = await sequelize.query<KnownSignIn>(SIGN_IN, { type: QueryTypes.SELECT, replacements: { id, now } });
    return row ?? null;
  },
  studioOfSignIn: async (id) => (await models.signIns.findOne({ where: { id } }))?.get().studioId ?? null,
  studioOfInvite: async (id) => (await models.invites.findOne({ where: { id } }))?.get().studioId ?? null,
  ping: async () => {
    await sequelize.query('SELECT 1');
  },
});
