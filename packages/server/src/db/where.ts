import { Op } from 'sequelize';

/** Conditions beside plain equality, so that nobody outside this room knows how a database says them. */
export const isSet = { [Op.ne]: null };
export const isNot = (value: string) => ({ [Op.ne]: value });
export const before = (value: string) => ({ [Op.lt]: value });
export const after = <T extends string | number>(value: T) => ({ [Op.gt]: value });
export const until = (value: string) => ({ [Op.lte]: value });
/** Both ends meant. */
export const between = (low: string, high: string) => ({ [Op.between]: [low, high] as [string, string] });
