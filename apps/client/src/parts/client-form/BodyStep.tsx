import type { Unit } from '@spalo/core/unit';
import { bodyRanges } from '@spalo/core/warm-up';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Field } from '../../design/Field';
import { Quiet } from '../../design/Words';
import { ChoiceField } from '../forms/ChoiceField';
import { DayField } from '../forms/DayField';
import { ManyField } from '../forms/ManyField';
import { TapePicture } from '../body/TapePicture';
import { rangeWords } from '../words/ramp-words';
import type { IntakeControl } from './client-form';

const looks = [
  { value: null, label: 'Not looked' },
  { value: 'knees forward', label: 'Knees forward, trunk tall' },
  { value: 'hips back', label: 'Hips far back' },
] as const;

export function BodyStep({ control, unit }: { control: IntakeControl; unit: Unit }) {
  const [more, setMore] = useState(false);
  return (
    <>
      <Field control={control} name="bodyMass" label={`Body mass, ${unit}`} inputMode="decimal" />
      <DayField control={control} name="bodyMassDay" label="Weighed on" />
      <Field control={control} name="height" label="Height, cm" inputMode="decimal" />
      <ChoiceField
        control={control}
        name="squatLook"
        label="How a body-weight squat looks"
        options={looks}
        hint="May wait. It helps to choose a squat style."
        wrap
      />
      <ManyField
        control={control}
        name="stiff"
        label="Stiff places"
        options={stiffPlaces}
        hint="The general warm-up opens them where the day’s lifts need it."
      />
      {more ? (
        <View className="gap-4">
          <Quiet>Lengths in cm, for the set-up pictures. The first four, or none.</Quiet>
          <TapePicture />
          <Field control={control} name="thigh" label="Hip to knee" inputMode="decimal" />
          <Field control={control} name="shin" label="Knee to ankle bone" inputMode="decimal" />
          <Field control={control} name="trunk" label="Hip to shoulder" inputMode="decimal" />
          <Field control={control} name="arm" label="Shoulder to fist" inputMode="decimal" />
          <Field
            control={control}
            name="kneeToWall"
            label="Toes to a wall, knee touching it"
            hint="May stay empty: what the ankle gives."
            inputMode="decimal"
          />
        </View>
      ) : (
        <Button label="Measure segment lengths" onPress={() => setMore(true)} />
      )}
    </>
  );
}

const stiffPlaces = bodyRanges.map((value) => ({ value, label: rangeWords[value] }));
