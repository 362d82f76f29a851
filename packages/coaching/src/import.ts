/** Reads the sets of any spreadsheet: a face of its own, for the worker that reads and the screen that asks. */
export { headingOf, fields, type Field, type Guess, type Reading } from './import/reading';
export { dayOrders, type DayOrder } from './import/days';
export { guessReading } from './import/guess';
export { liftFinder, type NamedLift } from './import/lift-names';
export { readSets, type FileSet, type FileSets, type RowNote } from './import/read-sets';
export { columnLetters, MOST_ROWS, tableOf, tableOfCells, type Table } from './import/table';
