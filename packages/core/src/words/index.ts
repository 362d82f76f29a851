export { ruleText } from './decisions';
export { purposeText } from './vocabulary';
export { closedText, isStoredWhy, whyCodes, whyText, type StoredWhy, type Why } from './why';
export { schemeNamed, schemeSays } from './schemes';
