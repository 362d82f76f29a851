import type { ReactNode } from 'react';
import { Modal, Pressable, ScrollView, View } from 'react-native';
import { IconButton } from './Button';
import { useBackCloses } from './back';
import { Title } from './Words';

/** A panel over the screen: from below on a phone, centred when wide. Closes by its button, outside, Escape, or Back. */
export function Sheet({
  title,
  open,
  onClose,
  children,
}: {
  title: string;
  open: boolean;
  onClose: () => void;
  children: ReactNode;
}) {
  useBackCloses(open, onClose);
  if (!open) return null;
  return (
    <Modal visible transparent onRequestClose={onClose} aria-label={title}>
      <View className="flex-1 items-center justify-end md:justify-center">
        <Pressable
          aria-hidden
          tabIndex={-1}
          onPress={onClose}
          className="absolute inset-0 bg-ink/50 dark:bg-paper/70"
        />
        <View className="max-h-[92%] w-full max-w-[36rem] rounded-t-3xl border border-line bg-paper md:rounded-3xl">
          <View className="flex-row items-center justify-between gap-3 px-4 pt-4">
            <Title level={2} className="shrink text-name leading-8">
              {title}
            </Title>
            <IconButton icon="close" label="Close" onPress={onClose} />
          </View>
          <ScrollView contentContainerClassName="gap-4 p-4">{children}</ScrollView>
        </View>
      </View>
    </Modal>
  );
}
