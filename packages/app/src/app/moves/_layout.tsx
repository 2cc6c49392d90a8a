import { FetchedLayout } from '../../features/moves/fetched';

export default FetchedLayout;
