import { FetchedMoveScreen } from '../../routes/fetched';

export default FetchedMoveScreen;
