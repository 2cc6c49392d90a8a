import { FetchedReferralScreen } from '../../../features/shell/fetched';

export default FetchedReferralScreen;
