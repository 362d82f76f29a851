import { useDraggable } from '@dnd-kit/core';
import { createElement, type ReactNode } from 'react';

/** A booking that can be taken to another time: by mouse, by a finger that rests on it, or by Space and arrows; pressed, it opens. */
export function DragHour({
  id,
  says,
  fixed,
  style,
  onOpen,
  children,
}: {
  id: string;
  says: string;
  /** It stays where it is: a session was held for it. */
  fixed: boolean;
  style: Record<string, string | number>;
  onOpen: () => void;
  children: ReactNode;
}) {
  const { setNodeRef, listeners, attributes, transform, isDragging } = useDraggable({
    id,
    disabled: fixed,
  });
  // An element of its own: what is dragged listens to more than the views of React Native hand on.
  return createElement(
    'div',
    {
      ...attributes,
      ...listeners,
      ref: setNodeRef,
      role: 'button',
      tabIndex: 0,
      'aria-label': says,
      'aria-roledescription': fixed ? undefined : 'booking that can be moved',
      className: 'cursor-pointer',
      onClick: onOpen,
      onKeyDown: (event: React.KeyboardEvent) => {
        if (event.key === 'Enter' && !isDragging) {
          event.preventDefault();
          onOpen();
          return;
        }
        listeners?.onKeyDown?.(event);
      },
      style: {
        ...style,
        // A long press lifts it, and neither marks its text nor opens the browser's menu.
        userSelect: 'none',
        WebkitTouchCallout: 'none',
        touchAction: 'manipulation',
        zIndex: isDragging ? 2 : 1,
        opacity: isDragging ? 0.8 : 1,
        boxShadow: isDragging ? '0 4px 12px rgba(22, 32, 27, 0.35)' : 'none',
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
      },
    },
    children,
  );
}
