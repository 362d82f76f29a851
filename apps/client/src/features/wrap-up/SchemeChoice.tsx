import { amid } from '@spalo/core/unit';
import { schemeNames, type SchemeName } from '@spalo/core/session';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Chip } from '../../design/Chip';
import { Sheet } from '../../design/Sheet';
import { Quiet } from '../../design/Words';
import type { FloorActions } from '../../parts/lane/actions/floor-actions';
import { schemeNamed, schemeSays } from '@spalo/core/words';
import { attempt } from '../../state/problems';
import type { WrapUpCard } from './wrap-up-cards';

/** How a lift goes on from session to session: what it is now, and a way to another. */
export function SchemeChoice({
  card,
  actions,
}: {
  card: WrapUpCard;
  actions: Pick<FloorActions, 'chooseScheme'>;
}) {
  const { lift, state } = card.view;
  const { scheme, counted, climb } = state.plan;
  const [open, setOpen] = useState(false);
  // What is held grows longer, and a climb first finds its load.
  if (counted || climb) return null;
  const taken = scheme ?? 'reserve-led';
  const take = (name: SchemeName) =>
    attempt(async () => {
      await actions.chooseScheme(lift.id, name === 'reserve-led' ? null : name);
      setOpen(false);
    });
  return (
    <>
      <Chip
        label={schemeNamed[taken]}
        says={`${lift.name}: ${amid(schemeNamed[taken])}. Change it`}
        icon="swap"
        onPress={() => setOpen(true)}
      />
      <Sheet title={`How ${amid(lift.name)} goes on`} open={open} onClose={() => setOpen(false)}>
        {schemeNames.map((name) => (
          <View key={name} className="gap-1">
            <Button
              label={name === taken ? `${schemeNamed[name]}, as now` : schemeNamed[name]}
              kind={name === taken ? 'now' : 'plain'}
              onPress={() => take(name)}
            />
            <Quiet>{schemeSays[name]}</Quiet>
          </View>
        ))}
      </Sheet>
    </>
  );
}
