import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { TextField } from '../../design/TextField';
import { Quiet } from '../../design/Words';
import { StillPicture } from '../../parts/film/StillPicture';
import type { FoundClip } from '../../parts/film/find-clip';
import { attempt } from '../../state/problems';

/** Pictures kept from a clip, and a place for another. */
export function Stills({
  found,
  onKeep,
}: {
  found: FoundClip;
  onKeep: (text: string) => Promise<void>;
}) {
  const [text, setText] = useState('');
  const own = found.lift.stills.filter(({ clipId }) => clipId === found.clip.id);
  const keep = () =>
    attempt(async () => {
      await onKeep(text.trim());
      setText('');
    });
  return (
    <Section title="Stills">
      {own.length === 0 && (
        <Quiet>A picture, with what is drawn on it, for the review and the client’s page.</Quiet>
      )}
      <ScrollView horizontal contentContainerClassName="gap-3">
        {own.map((still) => (
          <StillPicture key={still.id} still={still} />
        ))}
      </ScrollView>
      <View className="gap-2">
        <TextField label="A line to it" value={text} onChange={setText} max={200} />
        <Button label="Save this picture" onPress={keep} />
      </View>
    </Section>
  );
}
