/** What planning weeks needs, and nothing that a session on the floor does: a face of its own, fetched when it is looked at. */
export { blockAfter, changeOf } from './follow';
export { projectDays, type Projected } from './project';
export { draftBlock, plainBlock, templates, type Template } from './templates';
export { usualTemplate, type ForWhom } from './usual-template';
export { calendarOf, weeksMoved, type CalendarWeek } from './weeks';
export {
  responseOf,
  worthHaving,
  type Growth,
  type Response,
  type ResponseVerdict,
} from './response/response';
