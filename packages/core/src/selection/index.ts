export { RANKING, standInsFor } from './stand-ins';
export type { Difference, StandIn, StandIns, WhyNot } from './types';
