import { useEffect } from 'react';
import { Text, type TextProps } from 'react-native';
import { classes } from './classes';

interface WordsProps extends TextProps {
  className?: string;
}

/** Running text. */
export function Body({ className = '', ...rest }: WordsProps) {
  return <Text className={classes('font-text text-body text-ink', className)} {...rest} />;
}

/** What stands beside the point: labels, units, reasons. */
export function Quiet({ className = '', ...rest }: WordsProps) {
  return <Text className={classes('font-text text-small text-slate', className)} {...rest} />;
}

/** Text that is read first. */
export function Strong({ className = '', ...rest }: WordsProps) {
  return <Text className={classes('font-strong text-body text-ink', className)} {...rest} />;
}

/**
 * The name of a screen or a lift. `level` is its depth for screen readers, 1 to 6; the first names the browser's tab too,
 * the innermost where two stand beside each other.
 */
export function Title({ className = '', level = 1, ...rest }: WordsProps & { level?: number }) {
  const { children } = rest;
  const named = level === 1 && typeof children === 'string' ? children : null;
  useEffect(() => {
    if (named !== null) document.title = `${named} · Spalo`;
  }, [named]);
  return (
    <Text
      role="heading"
      aria-level={level}
      className={classes('font-figure text-title text-ink', className)}
      {...rest}
    />
  );
}

/** A number in the narrow family, its digits all as wide. */
export function Figure({ className = '', style, ...rest }: WordsProps) {
  return (
    <Text
      className={classes('font-figure text-figure text-ink', className)}
      style={[{ fontVariant: ['tabular-nums'] }, style]}
      {...rest}
    />
  );
}
