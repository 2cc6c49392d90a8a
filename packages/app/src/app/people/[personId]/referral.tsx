import { FetchedReferralScreen } from '../../../routes/fetched';

export default FetchedReferralScreen;
