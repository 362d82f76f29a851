import type { Account } from '@spalo/contract';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { ScrollView, View } from 'react-native';
import { IconButton } from '../../design/Button';
import { Row } from '../../design/Row';
import { useWide } from '../../design/use-wide';
import { Quiet, Title } from '../../design/Words';
import { settingsParts, type SettingsPart } from './settings-parts';

/** The parts as rows, each with its present value. */
function Parts({
  account,
  chosen,
  onOpen,
}: {
  account: Account;
  chosen: SettingsPart | null;
  onOpen: (part: SettingsPart) => void;
}) {
  const isOwner = account.trainer.role === 'owner';
  const groups = ['your own', 'the studio’s'] as const;
  return groups.map((group) => (
    <View key={group} role="group" aria-label={group} className="border-t border-line">
      {settingsParts
        .filter((part) => part.of === group && (isOwner || !part.ownersOnly))
        .map((part) => (
          <Row
            key={part.id}
            role="button"
            name={part.title}
            says={`Open ${part.title}`}
            chosen={part === chosen}
            onPress={() => onOpen(part)}
          >
            <part.Value account={account} />
          </Row>
        ))}
    </View>
  ));
}

/** Account and studio: where it is, each with its present value; one part at a time, which stands in the address. */
export function SettingsScreen({ account }: { account: Account }) {
  const router = useRouter();
  const wide = useWide();
  const { part: asked } = useLocalSearchParams<{ part?: string }>();
  const named = settingsParts.find(({ id }) => id === asked) ?? null;
  const shown = named ?? (wide ? settingsParts[0]! : null);
  const head = (
    <View>
      <Title>Settings</Title>
      <Quiet>{`${account.studio.name} · ${account.studio.unit} · ${account.studio.zone}`}</Quiet>
    </View>
  );
  const parts = (
    <Parts
      account={account}
      chosen={wide ? shown : null}
      onOpen={({ id }) => router.setParams({ part: id })}
    />
  );
  const opened = shown && (
    <View key={shown.id} className="gap-8">
      <shown.Screen account={account} />
    </View>
  );
  if (wide) {
    return (
      <View className="min-h-0 flex-1 flex-row">
        <ScrollView
          className="max-w-[24rem] flex-1 border-r border-line"
          contentContainerClassName="gap-6 p-4"
        >
          {head}
          {parts}
        </ScrollView>
        <ScrollView className="flex-1" contentContainerClassName="max-w-[44rem] gap-6 p-6">
          {opened}
        </ScrollView>
      </View>
    );
  }
  return (
    <ScrollView className="flex-1" contentContainerClassName="gap-6 p-4">
      {shown ? (
        <>
          <View className="flex-row items-center gap-3">
            <IconButton
              icon="back"
              label="All settings"
              onPress={() => router.setParams({ part: undefined })}
            />
            <Title className="min-w-0 shrink text-name leading-8">Settings</Title>
          </View>
          {opened}
        </>
      ) : (
        <>
          {head}
          {parts}
        </>
      )}
    </ScrollView>
  );
}
