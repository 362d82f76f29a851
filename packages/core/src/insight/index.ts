export { cleanInARow, techniqueTrend, type TechniquePoint } from './technique-trend';
export { trendsOf } from './trends';
