import { FetchedMove } from '../../features/moves/fetched';

export default FetchedMove;
