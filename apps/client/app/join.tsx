import { Join } from '@/shell/sign-in';

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default Join;
