export { NewPassword } from './NewPassword';
export { meQuery, useMe } from './queries';
export { SignInScreen } from './SignInScreen';
