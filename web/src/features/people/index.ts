export { meQuery, useMe } from './queries';
export { SignInScreen } from './SignInScreen';
