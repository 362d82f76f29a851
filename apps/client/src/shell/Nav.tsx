import { Link, usePathname } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Icon } from '../design/Icon';
import { useSpace } from '../design/use-space';
import { Quiet, Title } from '../design/Words';
import { places } from './places';

function Place({
  path,
  label,
  icon,
  active,
  rail,
}: {
  path: (typeof places)[number]['path'];
  label: string;
  icon: (typeof places)[number]['icon'];
  active: boolean;
  rail: boolean;
}) {
  // For want of room the sign stands alone; its name is still read out.
  const { least: bare } = useSpace();
  const edge = rail
    ? `w-full border-l-[5px] py-2 ${active ? 'border-moss' : 'border-transparent'}`
    : `flex-1 border-t-[5px] ${active ? 'border-moss' : 'border-transparent'}`;
  return (
    <Link href={path} asChild>
      <Pressable
        role="link"
        aria-label={label}
        aria-current={active ? 'page' : undefined}
        className={`items-center justify-center ${bare ? 'min-h-[44px]' : 'min-h-[3.5rem]'} ${edge}`}
      >
        <Icon name={icon} color={active ? 'moss' : 'slate'} />
        {!bare && (
          <Quiet className={`font-figure text-body leading-5 ${active ? 'text-moss' : ''}`}>
            {label}
          </Quiet>
        )}
      </Pressable>
    </Link>
  );
}

/** The way between places: a bar below on a phone, a rail beside when wide. */
export function Nav({ wide, studio }: { wide: boolean; studio: string }) {
  const here = usePathname();
  const links = places.map(({ path, label, icon }) => {
    const active = here === path || here.startsWith(`${path}/`);
    return <Place key={path} path={path} label={label} icon={icon} rail={wide} active={active} />;
  });
  if (!wide) {
    return (
      <View role="navigation" aria-label="Places" className="flex-row border-t border-line bg-card">
        {links}
      </View>
    );
  }
  return (
    <View
      role="navigation"
      aria-label="Places"
      className="w-24 items-center justify-between border-r border-line bg-card py-4"
    >
      <View className="w-full items-center gap-1">
        <Title level={2} className="pb-4 text-name leading-8 text-moss">
          spalo
        </Title>
        {links}
      </View>
      <Link href="/settings" asChild>
        <Pressable
          role="link"
          aria-label={`Settings of ${studio}`}
          className="min-h-tap items-center px-1"
        >
          <Icon name="settings" color="slate" />
          <Quiet className="text-center text-tiny leading-4" numberOfLines={3}>
            {studio}
          </Quiet>
        </Pressable>
      </Link>
    </View>
  );
}
