import { amid } from '@spalo/core/unit';
import {
  answersOf,
  bodyOf,
  poseOf,
  pullStarts,
  squatLeans,
  type Built,
  type Position,
} from '@spalo/coaching/build';
import { bodyFromHeight, type PullStyle, type SquatStyle } from '@spalo/core/geometry';
import type { Style } from '@spalo/catalog';
import { Quiet } from '../../design/Words';
import { SetUpFigure } from './SetUpFigure';

/** The body that a lesson is drawn with where it is nobody's in particular. */
const USUAL: Built & { heightMm: number } = {
  heightMm: 1720,
  bodyMassG: 72_000,
  segments: null,
};

const nameOf = (position: Position) =>
  'squat' in position
    ? `${position.squat} squat at its bottom`
    : `${position.pull} pull at its start`;

/** A style's set-up, drawn: for a client's own body where one is given, else for a usual one; another style behind it. */
export function StyleFigure({
  style,
  client,
  other,
}: {
  style: Style;
  client?: Built;
  other?: Style;
}) {
  const { position } = style;
  if (!position) return null;
  const own = client && bodyOf(client);
  const built = own ? client : USUAL;
  const body = own ?? bodyFromHeight(USUAL.heightMm);
  const answers = answersOf(built, body, position);
  const first = amid(answers[0] ?? '').replace(': ', ' ');
  const beside = other?.position ? poseOf(built, body, other.position) : null;
  return (
    <>
      <SetUpFigure
        key={style.id}
        client={built}
        body={body}
        position={position}
        beside={beside}
        says={`The ${nameOf(position)}: ${answers.join('; ')}`}
      />
      <Quiet className="text-ink">
        {own ? `For this body: ${first}.` : `A usual body of ${USUAL.heightMm / 10} cm: ${first}.`}
      </Quiet>
      {beside && other && <Quiet>{`Behind, in grey: ${amid(other.name)}.`}</Quiet>}
    </>
  );
}

/** What the styles of a lift come to for a client's body, in one line; nothing where none has a computed set-up. */
export function StylesForBody({ client, styles }: { client: Built; styles: readonly Style[] }) {
  const body = bodyOf(client);
  if (!body) return null;
  const positions = styles.flatMap(({ position }) => (position ? [position] : []));
  const squats = positions.flatMap((each): SquatStyle[] => ('squat' in each ? [each.squat] : []));
  const pulls = positions.flatMap((each): PullStyle[] => ('pull' in each ? [each.pull] : []));
  const says = squats.length > 0 ? squatLeans(client, body, squats) : pullStarts(body, pulls);
  return says && <Quiet className="text-ink">{says}</Quiet>;
}
