import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { Body, Quiet, Strong } from '../../design/Words';
import { downloadBlob, fileName } from '../../state/download';
import { pngOf, svgText } from '../../state/picture';
import { attempt } from '../../state/problems';

interface Chart {
  name: string;
  svg: string;
}

/** The drawings inside a part of the screen, each under the name of the card that it stands in. */
function chartsIn(part: string): Chart[] {
  const region = document.querySelector(`[role="region"][aria-label="${part}"]`);
  return [...(region?.querySelectorAll<SVGSVGElement>('[role="img"] svg') ?? [])].map((svg) => {
    const named = svg.closest('[role="button"][aria-label]') ?? svg.closest('[role="img"]');
    const name = (named?.getAttribute('aria-label') ?? part).replace('. Open the estimate', '');
    return { name, svg: svgText(svg, name) };
  });
}

/** Saves the drawings of a part of the screen as pictures. */
export function ChartsSheet({
  part,
  whose,
  onClose,
}: {
  /** The section's title. */
  part: string;
  whose: string;
  onClose: () => void;
}) {
  // As they stand on the screen while this is opened.
  const [charts] = useState(() => chartsIn(part));
  const file = ({ name }: Chart) => `${fileName(`${whose} ${name.split(':')[0]}`)}`;
  const saveSvg = (chart: Chart) =>
    downloadBlob(`${file(chart)}.svg`, new Blob([chart.svg], { type: 'image/svg+xml' }));
  const savePng = (chart: Chart) =>
    attempt(async () => downloadBlob(`${file(chart)}.png`, await pngOf(chart.svg)));
  return (
    <Sheet title="Save charts" open onClose={onClose}>
      {charts.length === 0 && <Body>There is no chart yet.</Body>}
      {charts.map((chart, at) => {
        const [title, ...rest] = chart.name.split(': ');
        return (
          <View key={at} className="gap-1 border-b border-line pb-2">
            <Strong>{title}</Strong>
            <Quiet>{rest.join(': ')}</Quiet>
            <View className="flex-row gap-2">
              <Button label="SVG" says={`Save ${title} as SVG`} onPress={() => saveSvg(chart)} />
              <Button label="PNG" says={`Save ${title} as PNG`} onPress={() => savePng(chart)} />
            </View>
          </View>
        );
      })}
    </Sheet>
  );
}
