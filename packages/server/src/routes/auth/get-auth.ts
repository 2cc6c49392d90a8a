import { authStateOf } from '../../auth/auth-state';
import type { Handler } from '../../http/handler';

export const getAuth: Handler<'getAuth'> = ({ caller }, context) => authStateOf(context, caller);
