import { useCallback, useEffect, useRef, useState } from 'react';

/** A stretch of a clip that is played again and again, seconds. */
export interface Loop {
  from: number;
  to: number;
}

/** A clip that is played, slowly or by single pictures. */
export interface Player {
  ref: (video: HTMLVideoElement | null) => void;
  video: () => HTMLVideoElement | null;
  /** Where it is, seconds. */
  t: number;
  playing: boolean;
  speed: number;
  play: () => void;
  pause: () => void;
  /** Goes to a moment and stands there. */
  seek: (t: number) => void;
  setSpeed: (speed: number) => void;
  setLoop: (loop: Loop | null) => void;
  loop: Loop | null;
}

type WithCallback = HTMLVideoElement & {
  requestVideoFrameCallback?: (
    heard: (now: number, about: { mediaTime: number }) => void,
  ) => number;
};

/** Plays a clip; `length` in seconds. */
export function usePlayer(length: number): Player {
  const element = useRef<WithCallback | null>(null);
  const [t, setT] = useState(0);
  const [playing, setPlaying] = useState(false);
  const [speed, setSpeedState] = useState(1);
  const [loop, setLoopState] = useState<Loop | null>(null);
  const looping = useRef<Loop | null>(null);

  const watch = useCallback((video: WithCallback) => {
    const heard = (time: number) => {
      if (element.current !== video) return;
      setT(time);
      const stretch = looping.current;
      if (stretch && !video.paused && time >= stretch.to) video.currentTime = stretch.from;
    };
    // By picture where the browser tells of each; else whenever it says that time has passed.
    if (video.requestVideoFrameCallback) {
      const next = () =>
        video.requestVideoFrameCallback!((_now, { mediaTime }) => {
          heard(mediaTime);
          if (element.current === video) next();
        });
      next();
    } else video.addEventListener('timeupdate', () => heard(video.currentTime));
    video.addEventListener('play', () => setPlaying(true));
    video.addEventListener('pause', () => setPlaying(false));
    video.addEventListener('ended', () => setPlaying(false));
  }, []);
  const ref = useCallback(
    (video: HTMLVideoElement | null) => {
      element.current = video;
      if (video) watch(video);
    },
    [watch],
  );
  useEffect(() => {
    if (element.current) element.current.playbackRate = speed;
  }, [speed]);
  const seek = (time: number) => {
    const video = element.current;
    if (!video) return;
    video.pause();
    const to = Math.min(length, Math.max(0, time));
    video.currentTime = to;
    setT(to);
  };
  return {
    ref,
    video: () => element.current,
    t,
    playing,
    speed,
    play: () => {
      const video = element.current;
      if (!video) return;
      const stretch = looping.current;
      if (stretch && (video.currentTime < stretch.from || video.currentTime >= stretch.to - 0.02))
        video.currentTime = stretch.from;
      video.playbackRate = speed;
      void video.play().catch(() => undefined);
    },
    pause: () => element.current?.pause(),
    seek,
    setSpeed: setSpeedState,
    setLoop: (next) => {
      looping.current = next;
      setLoopState(next);
    },
    loop,
  };
}
