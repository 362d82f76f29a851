/**
 * What a coach would decide: add a row, and it is judged. All of a back squat with 52.5 kg in steps of 2.5 kg, three sets, a range
 * of 8 to 12 and 2 to be left, by somebody who has done what was asked for four weeks before.
 *
 * asked: reps that were asked. sets: reps done, `/` how many of them were clean, `!` one rep with a safety fault (`!!` two), `@`
 * what was left (4 is "4 or more"). times: how many sessions in a row it went like this, the last one included. next: `up` or
 * `down` in load, `same`, `fewer reps` at the same load, `less`, which is `down` or `fewer reps`, or `more`, which is `up` or
 * more reps.
 */
export const coachTable = `
| what happened                         | scheme      | asked | sets                   | times | next       |
| ------------------------------------- | ----------- | ----- | ---------------------- | ----- | ---------- |
| as asked, at the top of the range     | reserve-led | 12    | 12@2, 12@2, 12@2       | 1     | up         |
| 4 or more left everywhere             | reserve-led | 12    | 12@4, 12@4, 12@4       | 1     | up         |
| 4 or more left everywhere, again      | reserve-led | 10    | 10@4, 10@4, 10@4       | 2     | more       |
| more than was asked, with 2 left      | reserve-led | 12    | 15@2, 15@2, 15@2       | 1     | up         |
| half of the reps clean, third session | reserve-led | 10    | 10/5@2, 10/5@2, 10/5@2 | 3     | fewer reps |
| half of the reps clean, first session | reserve-led | 10    | 10/5@2, 10/5@2, 10/5@2 | 1     | same       |
| one rep with a safety fault           | reserve-led | 10    | 10@2, 10!@2, 10@2      | 1     | same       |
| two reps with a safety fault          | reserve-led | 10    | 10@2, 10!@2, 10!@2     | 1     | down       |
| one rep with a safety fault, again    | reserve-led | 10    | 10@2, 10!@2, 10@2      | 2     | down       |
| 1, 1 and 0 left, six sessions         | reserve-led | 12    | 12@1, 12@1, 12@0       | 6     | less       |
| far under the range with nothing left | reserve-led | 10    | 5@0, 4@0, 3@0          | 1     | less       |
| far under the range, four sessions    | reserve-led | 10    | 5@0, 4@0, 3@0          | 4     | down       |
| as asked, in the middle of the range  | reserve-led | 9     | 9@2, 9@2, 9@2          | 1     | more       |
| all clean, none left                  | linear      | 8     | 8@0, 8@0, 8@0          | 1     | same       |
| all clean, as asked                   | linear      | 8     | 8@2, 8@2, 8@2          | 1     | up         |
`;
