import { activity } from '../../db/queries/commands';
import type { Handler } from '../../http/handler';

/** How far back the list goes. House default. */
const LINES = 200;

export const getActivity: Handler<'getActivity'> = ({ caller }, context) => activity(context.db.read(caller.studioId), LINES);
