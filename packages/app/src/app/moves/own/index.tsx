import { FetchedOwn } from '../../../features/moves/fetched';

export default FetchedOwn;
