import { massText, type Grams, type Unit } from '@spalo/core/unit';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';

/** Asks back before a body mass is kept that is far from the one before: a typed 182 after 82.5. */
export function UnlikelyMass({
  massG,
  beforeG,
  unit,
  onYes,
}: {
  massG: Grams;
  beforeG: Grams;
  unit: Unit;
  onYes: () => void;
}) {
  const mass = massText(massG, unit);
  return (
    <Banner
      icon="alert"
      title={`Does ${mass} look right? It was ${massText(beforeG, unit)}`}
      action={<Button label={`Yes, ${mass}`} onPress={onYes} />}
    >
      Loads are judged by it. Change the number, or say that it is right.
    </Banner>
  );
}
