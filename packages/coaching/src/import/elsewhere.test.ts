import { guessReading } from './guess';
import { liftFinder } from './lift-names';
import { readSets } from './read-sets';
import { tableOf, tableOfCells, type Table } from './table';

const TODAY = '2026-11-24';

/** What a table comes to when nobody corrects it: sets as "day lift load×reps", what is faulty, and how it was read. */
function read(table: Table, unit: 'kg' | 'lb' = 'kg') {
  const liftOf = liftFinder();
  const guess = guessReading(table, unit, liftOf);
  const { sets, faults, passedOver } = readSets(table, guess.reading, TODAY);
  const told = sets.map(({ day, lift, loadG, reps }) => {
    const found = liftOf(lift);
    const name = found?.sure ? found.liftId : `?${lift}`;
    return `${day} ${name} ${Math.round(loadG / 100) / 10}×${reps}`;
  });
  return { told, faults, passedOver, guess, sets };
}
const lines = (...rows: string[]) => tableOf(rows.join('\n'));

describe('spreadsheets of other languages', () => {
  it('are read by their heads, their months and their names of lifts', () => {
    const german = read(
      lines(
        'Datum;Übung;Satz;Gewicht (kg);Wdh;Bemerkung',
        '3. März 2025;Kniebeuge;1;62,5;8;',
        '3. März 2025;Kniebeuge;2;62,5;7;schwer',
        '5. Mai 2025;Bankdrücken;1;50;10;',
      ),
    );
    expect(german.told).toEqual([
      '2025-03-03 back-squat 62.5×8',
      '2025-03-03 back-squat 62.5×7',
      '2025-05-05 bench-press 50×10',
    ]);
    expect(german.sets[1]!.note).toBe('schwer');
    expect(
      read(
        lines(
          'Fecha,Ejercicio,Peso,Repeticiones,Series',
          '3 de marzo de 2025,Peso muerto,100,5,2',
          '20 de enero de 2025,Sentadilla,80,8,1',
        ),
      ).told,
    ).toEqual([
      '2025-03-03 deadlift 100×5',
      '2025-03-03 deadlift 100×5',
      '2025-01-20 back-squat 80×8',
    ]);
    expect(
      read(
        lines(
          'Date;Exercice;Charge;Répétitions',
          'mar. 4 mars 2025;Développé couché;60;8',
          'lun. 7 juillet 2025;Soulevé de terre;120;4',
        ),
      ).told,
    ).toEqual(['2025-03-04 bench-press 60×8', '2025-07-07 deadlift 120×4']);
    expect(
      read(lines('Data,Esercizio,Carico,Ripetizioni', '2025-02-14,Panca piana,55,9')).told,
    ).toEqual(['2025-02-14 bench-press 55×9']);
    expect(
      read(lines('Data;Exercício;Carga;Repetições', '14/02/2025;Levantamento terra;90,5;6')).told,
    ).toEqual(['2025-02-14 deadlift 90.5×6']);
    expect(
      read(lines('Datum;Oefening;Gewicht;Herhalingen', '14-02-2025;Kniebuiging;70;8')).told,
    ).toEqual(['2025-02-14 back-squat 70×8']);
  });

  it('know short forms, and take no doubtful name for sure', () => {
    const liftOf = liftFinder();
    const sure = (name: string) => (liftOf(name)?.sure ? liftOf(name)!.liftId : null);
    expect(['BSS', 'CGBP', 'BOR', 'FS', 'HT', 'Lat PD', 'Mil press', 'RDL'].map(sure)).toEqual([
      'deep-split-squat',
      'close-grip-bench-press',
      'barbell-row',
      'front-squat',
      'hip-thrust',
      'lat-pulldown',
      'overhead-press',
      'romanian-deadlift',
    ]);
    expect(['Zercher', 'Machine thing', 'Landmine press', 'Deficit DL'].map(sure)).toEqual([
      null,
      null,
      null,
      null,
    ]);
  });

  it('leave planned columns alone in any of them', () => {
    const { told, guess } = read(
      lines('Datum;Übung;Soll Gewicht;Ist Gewicht;Wdh', '2025-03-03;Kniebeuge;70;62;8'),
    );
    expect(told).toEqual(['2025-03-03 back-squat 62×8']);
    expect(guess.planned).toEqual(['Soll Gewicht']);
  });
});

describe('sets beside each other', () => {
  const twice = ['2025-03-03 back-squat 60×8', '2025-03-03 back-squat 60×7'];

  it('are one weight with R1, R2, R3, those that were done', () => {
    const { told, faults } = read(
      lines(
        'Date,Exercise,Weight,R1,R2,R3',
        '2025-03-03,Squat,60,8,7,',
        '2025-03-05,Bench press,40,10,10,9',
      ),
    );
    expect(told.slice(0, 2)).toEqual(twice);
    expect(told).toHaveLength(5);
    expect(faults).toEqual([]);
  });

  it('are weights and reps by number, in either order of the words', () => {
    for (const head of [
      'Date,Exercise,Weight 1,Reps 1,Weight 2,Reps 2',
      'Date,Exercise,Set 1 kg,Set 1 reps,Set 2 kg,Set 2 reps',
    ])
      expect(
        read(lines(head, '2025-03-03,Squat,60,8,60,7', '2025-03-04,Squat,60,8,,')).told,
      ).toEqual([...twice, '2025-03-04 back-squat 60×8']);
  });

  it('are whole sets, or reps, under Set 1, Set 2', () => {
    expect(read(lines('Date,Exercise,Set 1,Set 2', '2025-03-03,Squat,60x8,60x7')).told).toEqual(
      twice,
    );
    expect(
      read(lines('Date,Exercise,Load (kg),Set 1,Set 2', '2025-03-03,Squat,60,8,7')).told,
    ).toEqual(twice);
  });

  it('are counted by a column of numbers, not multiplied by it', () => {
    const { told } = read(
      lines(
        'Date,Exercise,Sets,Weight,Reps',
        '2025-03-03,Squat,1,60,8',
        '2025-03-03,Squat,2,60,7',
        '2025-03-03,Bench press,1,40,8',
        '2025-03-03,Bench press,2,40,8',
      ),
    );
    expect(told).toHaveLength(4);
    // Counts of sets of one lift each are no such column, even where they rise by one.
    const counts = lines(
      'Date,Exercise,Sets,Weight,Reps',
      '2025-03-03,Squat,1,60,8',
      '2025-03-03,Bench press,1,40,8',
      '2025-03-03,Deadlift,2,80,5',
    );
    expect(read(counts).told).toHaveLength(4);
  });

  it('say where reps are missing beside a load of their own', () => {
    const { told, faults } = read(
      lines('Date,Exercise,Weight 1,Reps 1,Weight 2,Reps 2', '2025-03-03,Squat,60,8,60,'),
    );
    expect(told).toEqual(twice.slice(0, 1));
    expect(faults).toEqual([{ row: 2, column: 'F', message: 'No reps' }]);
  });
});

describe('what stands beside a number', () => {
  it('is read: each hand, each side, two bells, and more, without a word lost', () => {
    const { told, faults } = read(
      lines(
        'Date,Exercise,Weight,Reps',
        '2025-03-03,Dumbbell bench press,22.5 ea,8',
        '2025-03-03,Dumbbell bench press,2x20,10',
        '2025-03-03,One-arm row,20,8/side',
        '2025-03-03,Pull-up,+10,5',
        '2025-03-03,Squat,60,12+',
        '2025-03-03,Squat,60.0,8.0',
      ),
    );
    expect(faults).toEqual([]);
    expect(told.map((line) => line.split(' ').at(-1))).toEqual([
      '22.5×8',
      '20×10',
      '20×8',
      '10×5',
      '60×12',
      '60×8',
    ]);
  });

  it('passes warm-up sets over, and counts them', () => {
    const { told, passedOver } = read(
      lines(
        'Date,Exercise,Set type,Weight,Reps',
        '2025-03-03,Squat,Warmup,40,8',
        '2025-03-03,Squat,Normal,60,8',
        '2025-03-03,Squat,W,50,3',
        '2025-03-03,Squat,Drop,45,8',
      ),
    );
    expect(told).toEqual(['2025-03-03 back-squat 60×8', '2025-03-03 back-squat 45×8']);
    expect(passedOver).toBe(2);
  });

  it('is in cells of a workbook, too: days, numbers and words', () => {
    const table = tableOfCells([
      ['Date', 'Exercise', 'kg', 'Reps', null],
      [new Date('2025-03-03T00:00:00Z'), ' Squat ', 62.5, 8, null],
      [null, null, null, null, null],
    ]);
    expect(read(table).told).toEqual(['2025-03-03 back-squat 62.5×8']);
  });
});
