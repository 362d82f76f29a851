import { Pressable, Text, View } from 'react-native';
import { tabStop, useArrows } from './use-arrows';

interface Tab<T extends string> {
  value: T;
  label: string;
}

/** The parts of a page, one track of which one part is raised and shown. What it shows is the page's to draw. */
export function Tabs<T extends string>({
  label,
  tabs,
  value,
  onChange,
}: {
  label: string;
  tabs: readonly Tab<T>[];
  value: T;
  onChange: (value: T) => void;
}) {
  const group = useArrows('tab');
  return (
    <View
      ref={group}
      role="tablist"
      aria-label={label}
      className="max-w-[34rem] flex-row flex-wrap rounded-2xl bg-coming p-[3px]"
    >
      {tabs.map((tab, at) => {
        const shown = tab.value === value;
        return (
          <Pressable
            key={tab.value}
            role="tab"
            tabIndex={tabStop(shown, at, true)}
            aria-selected={shown}
            onPress={() => onChange(tab.value)}
            className={`min-h-[44px] grow items-center justify-center rounded-[13px] border px-2 active:opacity-80 ${
              shown ? 'border-line bg-card' : 'border-transparent'
            }`}
          >
            <Text
              className={`text-small ${shown ? 'font-strong text-ink' : 'font-text text-slate'}`}
            >
              {tab.label}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
}
