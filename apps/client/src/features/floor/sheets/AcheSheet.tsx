import { flagName } from '../../../parts/client/FlagChips';
import { FlagSheet } from '../../../parts/client/FlagSheet';
import { changeFlag } from '../../../parts/client/put-flag';
import { useLane } from '../scene/lane-scene';

/** What aches that did not before: a flag of the client, which closes what loads the place today already. */
export function AcheSheet() {
  const { lane, sheets } = useLane();
  const { client } = lane;
  if (!client) return null;
  return (
    <FlagSheet
      onClose={sheets.close}
      onSave={(flag) =>
        sheets.closing(() => changeFlag(client.id, flag, `Flag ${flagName(flag)} raised`))
      }
    />
  );
}
