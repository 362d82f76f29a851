/** What a stack or machine is for; a lift names the stations it can be done on. */
export const stations = [
  'cable',
  'pulldown',
  'low row',
  'leg press',
  'hack squat',
  'leg extension',
  'leg curl',
  'calf raise',
  'chest press',
  'shoulder press',
  'assisted pull-up',
  'rail bar',
  'sled',
] as const;
export type Station = (typeof stations)[number];
