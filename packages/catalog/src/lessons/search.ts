export { faultsFor, type FoundFault } from './find-fault';
export { sharedCautions } from './shared-cautions';
