import { FetchedMoves } from '../../features/moves/fetched';

export default FetchedMoves;
