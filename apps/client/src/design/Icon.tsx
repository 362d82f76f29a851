import ArrowDown from 'lucide-react-native/icons/arrow-down';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import ArrowUp from 'lucide-react-native/icons/arrow-up';
import CalendarDays from 'lucide-react-native/icons/calendar-days';
import Check from 'lucide-react-native/icons/check';
import ChevronRight from 'lucide-react-native/icons/chevron-right';
import CloudOff from 'lucide-react-native/icons/cloud-off';
import CloudUpload from 'lucide-react-native/icons/cloud-upload';
import DoorOpen from 'lucide-react-native/icons/door-open';
import Dumbbell from 'lucide-react-native/icons/dumbbell';
import Ellipsis from 'lucide-react-native/icons/ellipsis';
import Lock from 'lucide-react-native/icons/lock';
import Eye from 'lucide-react-native/icons/eye';
import ListChecks from 'lucide-react-native/icons/list-checks';
import Minus from 'lucide-react-native/icons/minus';
import Plus from 'lucide-react-native/icons/plus';
import RefreshCw from 'lucide-react-native/icons/refresh-cw';
import Settings from 'lucide-react-native/icons/settings';
import TriangleAlert from 'lucide-react-native/icons/triangle-alert';
import Undo from 'lucide-react-native/icons/undo-2';
import Users from 'lucide-react-native/icons/users';
import X from 'lucide-react-native/icons/x';
import Zap from 'lucide-react-native/icons/zap';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { tone, type Tone } from './tone';

/** The climbing line with its ground: the mark of the floor and of Spalo. */
function RampMark({ size, color }: { size: number; color: string }) {
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24">
      <Path
        d="M2 21h20M3 17h4v-4h4V9h4V5h6v12"
        fill="none"
        stroke={color}
        strokeWidth={2}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </Svg>
  );
}

const icons = {
  alert: TriangleAlert,
  back: ArrowLeft,
  check: Check,
  checklist: ListChecks,
  clients: Users,
  close: X,
  closed: Lock,
  day: CalendarDays,
  down: ArrowDown,
  floor: RampMark,
  forward: ChevronRight,
  lifts: Dumbbell,
  minus: Minus,
  more: Ellipsis,
  offline: CloudOff,
  pain: Zap,
  plus: Plus,
  room: DoorOpen,
  settings: Settings,
  swap: RefreshCw,
  up: ArrowUp,
  watch: Eye,
  undo: Undo,
  waiting: CloudUpload,
};

export type IconName = keyof typeof icons;

/** A drawn sign; decoration beside words, or inside a control that is labelled. */
export function Icon({
  name,
  size = 24,
  color = 'ink',
}: {
  name: IconName;
  size?: number;
  color?: Tone;
}) {
  const Drawing = icons[name];
  return (
    <View aria-hidden>
      <Drawing size={size} color={tone(color)} />
    </View>
  );
}
