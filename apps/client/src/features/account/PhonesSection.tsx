import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Icon } from '../../design/Icon';
import { QrCode } from '../../design/QrCode';
import { Section } from '../../design/Section';
import { Body, Quiet, Strong } from '../../design/Words';
import { addressForPhones, whatWorks, type WhatWorks } from '../../state/what-works';

/** What a phone on the floor needs, what it means where it is there, and what to do where it is not. */
const needs: readonly { of: keyof WhatWorks; name: string; says: string; lacks: string }[] = [
  {
    of: 'secure',
    name: 'The address is secure',
    says: 'The browser trusts it.',
    lacks:
      'It begins with http, or its certificate is not trusted. All that stands below hangs on it.',
  },
  {
    of: 'offline',
    name: 'Works without network',
    says: 'Spalo opens, and logs, where there is none.',
    lacks: 'Without network this device loses the floor.',
  },
  {
    of: 'camera',
    name: 'Camera',
    says: 'Lifts can be filmed in the app.',
    lacks: 'The browser gives none at this address.',
  },
  {
    of: 'installed',
    name: 'On the home screen',
    says: 'It runs without the browser’s bars, and is kept.',
    lacks: 'In the browser’s menu: Add to home screen, or Install.',
  },
];

function Need({ need, holds }: { need: (typeof needs)[number]; holds: boolean }) {
  return (
    <View className="flex-row items-start gap-3 border-b border-line py-2">
      <Icon name={holds ? 'check' : 'alert'} size={20} color={holds ? 'moss' : 'oxide'} />
      <View className="min-w-0 flex-1">
        <Strong>{holds ? need.name : `${need.name}: not here`}</Strong>
        <Quiet>{holds ? need.says : need.lacks}</Quiet>
      </View>
    </View>
  );
}

/** What works on this device, and how other phones come to Spalo. */
export function PhonesSection() {
  const [works, setWorks] = useState<WhatWorks | null>(null);
  useEffect(() => {
    let gone = false;
    const look = () => void whatWorks().then((found) => !gone && setWorks(found));
    look();
    // What is kept for when the network goes is fetched after the first screen.
    void navigator.serviceWorker?.ready.then(look);
    return () => {
      gone = true;
    };
  }, []);
  const address = addressForPhones(window.location);
  return (
    <>
      <Section title="This device">
        <View role="status">
          {works && needs.map((need) => <Need key={need.of} need={need} holds={works[need.of]} />)}
        </View>
      </Section>
      <Section title="Other phones">
        {address === null ? (
          <Body>
            This address is known to this machine alone. Whoever runs Spalo serves it to phones by
            npm run serve, which says the address; docs/operations.md has the ways.
          </Body>
        ) : (
          <>
            {!window.isSecureContext && (
              <Banner kind="stop" title="Phones lose the floor without network at this address">
                Whoever runs Spalo serves it by HTTPS with npm run serve: then it works offline,
                installs, and films.
              </Banner>
            )}
            <Body>Point a phone’s camera here, or type the address.</Body>
            <QrCode text={address} size={220} />
            <Strong selectable>{address}</Strong>
          </>
        )}
      </Section>
    </>
  );
}
