/** What is worked out of plates beside the screen's thread: loads for a bar, for two at once, and for several clients on one. */
export { loadBar, type LoadObstacle } from './loader';
export { handlingApart, shareBar, type SharedOrder, type SharedSet } from './shared-bar';
export { loadTwoBars } from './two-bars';
