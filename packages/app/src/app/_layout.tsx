import { SignInScreen } from '../features/sign-in/SignInScreen';
import { Root } from '../frame/Root';

const Layout = () => <Root SignIn={SignInScreen} />;

export default Layout;
