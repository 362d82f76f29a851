import type { FurnitureKind, Station } from '@spalo/core/lift';
import type { BarKind } from '@spalo/core/room';

/** What a word in a list of equipment means. */
export type Named =
  | { is: 'bar'; kind: BarKind; name: string; massKg: number; sleeveMm: number }
  | { is: 'plates' | 'dumbbells' | 'kettlebells' | 'bands' }
  | { is: 'stack' | 'machine'; station: Station; name: string }
  | { is: 'furniture'; kind: FurnitureKind };

const stack = (station: Station, name: string): Named => ({ is: 'stack', station, name });
const machine = (station: Station, name: string): Named => ({ is: 'machine', station, name });
const furniture = (kind: FurnitureKind): Named => ({ is: 'furniture', kind });
const bar = (kind: BarKind, name: string, massKg: number, sleeveMm: number): Named => ({
  is: 'bar',
  kind,
  name,
  massKg,
  sleeveMm,
});

/** Names as people write them, the longer before those that they hold: the first that is found is taken. */
export const vocabulary: readonly (readonly [RegExp, Named])[] = [
  [/pull[ -]?up bars?|chin[ -]?up bars?|chinning bars?|bars? to hang/, furniture('pull-up bar')],
  [/dip (?:bars?|station|stand)s?|parallel bars/, furniture('dip bars')],
  [
    /back[ -]extension(?: bench(?:es)?)?|hyperextension(?: bench(?:es)?)?/,
    furniture('back-extension bench'),
  ],
  [/(?:squat|power|half|full)?[ -]?(?:racks?|cages?)|squat stands?/, furniture('rack')],
  [/bench[ -]press(?:es)?|press(?:ing)? bench(?:es)?/, furniture('press bench')],
  [/(?:adjustable|incline|inclined) bench(?:es)?/, furniture('adjustable bench')],
  [/(?:flat )?bench(?:es)?/, furniture('flat bench')],
  [/(?:plyo |jump )?boxe?s?\b|steps?\b(?! of)|step-up platform/, furniture('box')],
  [/(?:suspension )?straps?|suspension trainers?/, furniture('straps')],
  [/lanes?|turf|tracks?/, furniture('lane')],
  [/assisted (?:pull|chin)[ -]?ups?/, stack('assisted pull-up', 'Assisted pull-up')],
  [/(?:plate[ -]loaded|45°) leg press(?:es)?/, machine('leg press', 'Leg press')],
  [/leg press(?:es)?/, stack('leg press', 'Leg press')],
  [/hack squats?/, machine('hack squat', 'Hack squat')],
  [/leg extensions?/, stack('leg extension', 'Leg extension')],
  [/leg curls?|hamstring curls?/, stack('leg curl', 'Leg curl')],
  [/calf (?:raises?|machines?)/, stack('calf raise', 'Calf raise')],
  [/chest press(?:es)?/, stack('chest press', 'Chest press')],
  [/shoulder press(?:es)?/, stack('shoulder press', 'Shoulder press')],
  [/lat pull[ -]?downs?|pull[ -]?downs?/, stack('pulldown', 'Pulldown')],
  [/(?:low|seated|cable) rows?/, stack('low row', 'Low row')],
  [
    /cables?(?: (?:columns?|stations?|machines?|towers?|crossovers?))?|pulleys?|crossovers?/,
    stack('cable', 'Cable column'),
  ],
  [/rail bars?|guided bars?/, machine('rail bar', 'Rail bar')],
  [/sleds?/, machine('sled', 'Sled')],
  [/dumb[ -]?bells?|\bdbs?\b/, { is: 'dumbbells' }],
  [/kettle[ -]?bells?|\bkbs?\b/, { is: 'kettlebells' }],
  [/(?:trap|hex) bars?/, bar('trap', 'Trap bar', 25, 260)],
  [/(?:ez|curl)[ -]?bars?/, bar('EZ', 'Curl bar', 8, 190)],
  [/short bars?|technique bars?|light bars?/, bar('short', 'Short bar', 10, 300)],
  [/(?:adjustable )?(?:handles?)/, bar('handle', 'Adjustable handle', 2, 110)],
  [/(?:long |full |straight )?bar(?:bell)?s?/, bar('straight', 'Bar', 20, 400)],
  [/(?:bumper |weight )?(?:plates?|discs?)/, { is: 'plates' }],
  [/(?:loop |resistance )?(?:bands?|loops?)/, { is: 'bands' }],
];
