/** The stand-in camera: clips whose every picture is known. A face of its own, since they are only needed where film is. */
export { makeFilm } from './film';
export { followed, judgeFilm, type FilmVerdict } from './judge';
export { filmFamilies, type FilmScene } from './scene';
