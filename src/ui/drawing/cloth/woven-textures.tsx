import { dashed, line, type TextureOf } from "./texture";

/** Diagonal ribs of a twill, a pale weft between them. */
export const twill: TextureOf = ({ fold, seam }) => ({
  width: 0.9,
  height: 0.9,
  turn: 28,
  marks: (
    <>
      {line("M 0.2 0 V 0.9", fold, 0.16, 0.4)}
      {dashed("0.5 0.3", "M 0.65 0 V 0.9", seam, 0.12, 0.3)}
    </>
  ),
});

export const plainWeave: TextureOf = ({ fold, seam }) => ({
  width: 1,
  height: 1,
  marks: (
    <>
      {dashed("0.36 0.14", "M 0 0.25 H 1 M 0.25 0 V 1", fold, 0.1, 0.32)}
      {dashed("0.36 0.14", "M 0 0.75 H 1 M 0.75 0 V 1", seam, 0.1, 0.22)}
    </>
  ),
});

/** Threads of uneven thickness. */
export const slub: TextureOf = ({ fold, seam }) => ({
  width: 4,
  height: 3,
  marks: (
    <>
      {line("M 0.2 0.5 H 1.5 M 2.4 1.5 H 3.6 M 0.8 2.5 H 1.6", fold, 0.16, 0.36)}
      {line("M 0.6 0.2 V 1.2 M 2.9 1.8 V 2.8", seam, 0.14, 0.26)}
    </>
  ),
});

/** Flecks of a woollen yarn. */
export const flecks: TextureOf = ({ fold, seam }) => ({
  width: 3,
  height: 3,
  marks: (
    <>
      {line(
        "M 0.3 0.6 l 0.3 -0.25 M 1.7 0.3 l 0.3 0.2 M 2.4 1.6 l 0.25 -0.3 M 0.9 2.3 l 0.3 0.2",
        fold,
        0.2,
        0.34,
      )}
      {line("M 1.1 1.1 l 0.25 0.2 M 2.6 2.6 l 0.25 -0.2 M 0.2 1.7 l 0.2 0.2", seam, 0.2, 0.34)}
    </>
  ),
});

/** Ribs of a knit. */
export const rib: TextureOf = ({ fold }) => ({
  width: 1.1,
  height: 4,
  marks: line("M 0.3 0 V 4", fold, 0.2, 0.36),
});

/** Cables between ribs. */
export const cable: TextureOf = ({ fold }) => ({
  width: 6,
  height: 5,
  marks: (
    <>
      {line("M 0.4 0 V 5 M 5.6 0 V 5", fold, 0.22, 0.5)}
      {line("M 1.8 0 C 1.8 1.6 4.2 1.4 4.2 2.5 C 4.2 3.6 1.8 3.4 1.8 5", fold, 0.3, 0.6)}
      {line(
        "M 4.2 0 C 4.2 1.1 3.5 1.3 3.2 1.5 M 2.7 1.9 C 2.1 2.2 1.8 2.2 1.8 2.5 C 1.8 3.6 4.2 3.4 4.2 5",
        fold,
        0.3,
        0.6,
      )}
    </>
  ),
});

export const pebble: TextureOf = ({ fold }) => ({
  width: 1.4,
  height: 1.4,
  marks: (
    <g fill={fold} fillOpacity={0.3}>
      <circle cx={0.3} cy={0.3} r={0.16} />
      <circle cx={1} cy={0.55} r={0.13} />
      <circle cx={0.6} cy={1.05} r={0.17} />
    </g>
  ),
});

/** A nap stroked this way and that. */
export const nap: TextureOf = ({ fold, seam }) => ({
  width: 3.2,
  height: 2.6,
  marks: (
    <>
      {line("M 0.3 0.5 l 0.4 0.5 M 1.5 1.6 l 0.4 0.5 M 2.5 0.2 l 0.3 0.5", fold, 0.14, 0.28)}
      {line("M 1.1 0.3 l 0.3 0.5 M 2.3 1.5 l 0.35 0.5 M 0.5 1.7 l 0.3 0.5", seam, 0.14, 0.22)}
    </>
  ),
});

/** A net with flowers worked into it. */
export const net: TextureOf = ({ outline, ground }) => ({
  width: 5,
  height: 5,
  marks: (
    <>
      {line(
        "M 0 0 L 5 5 M 5 0 L 0 5 M 2.5 0 L 5 2.5 M 0 2.5 L 2.5 5 M 2.5 0 L 0 2.5 M 5 2.5 L 2.5 5",
        outline,
        0.1,
        0.4,
      )}
      <g fill={ground} stroke={outline} strokeWidth={0.1} strokeOpacity={0.7}>
        {[0, 72, 144, 216, 288].map((turn) => (
          <ellipse key={turn} cx={2.5} cy={1.7} rx={0.42} ry={0.66} transform={`rotate(${turn} 2.5 2.5)`} />
        ))}
        <circle cx={2.5} cy={2.5} r={0.3} />
      </g>
    </>
  ),
});

/** Curls of a fleece. */
export const curls: TextureOf = ({ fold }) => ({
  width: 2.4,
  height: 2,
  marks: line(
    "M 0.2 0.7 a 0.45 0.45 0 1 1 0.8 0.1 M 1.4 0.6 a 0.45 0.45 0 1 1 0.8 0.1 M 0.8 1.7 a 0.45 0.45 0 1 1 0.8 0.1",
    fold,
    0.18,
    0.5,
  ),
});

/** Threads hanging side by side. */
export const strands: TextureOf = ({ fold, seam }) => ({
  width: 1.2,
  height: 6,
  marks: (
    <>
      {line("M 0.3 0 C 0.1 2 0.5 4 0.3 6", fold, 0.2, 0.6)}
      {line("M 0.9 0 C 1.1 2 0.7 4 0.9 6", seam, 0.14, 0.4)}
    </>
  ),
});

/** Barbs on either side of a shaft. */
export const barbs: TextureOf = ({ fold, seam }) => ({
  width: 2.6,
  height: 3,
  marks: (
    <>
      {line("M 1.3 0 V 3", seam, 0.14, 0.6)}
      {line(
        "M 1.3 0.8 L 0.2 0.1 M 1.3 1.8 L 0.2 1.1 M 1.3 2.8 L 0.2 2.1 M 1.3 0.8 L 2.4 0.1 M 1.3 1.8 L 2.4 1.1 M 1.3 2.8 L 2.4 2.1",
        fold,
        0.14,
        0.5,
      )}
    </>
  ),
});

/** Straw plaited over and under. */
export const plait: TextureOf = ({ fold, seam }) => ({
  width: 1.6,
  height: 1.6,
  marks: (
    <>
      {line("M 0.1 0.2 L 0.7 0.8 M 0.9 1 L 1.5 1.6 M 0.5 -0.1 L 1.1 0.5", fold, 0.24, 0.42)}
      {line("M 1.5 0.2 L 0.9 0.8 M 0.7 1 L 0.1 1.6", seam, 0.2, 0.32)}
    </>
  ),
});

/** The lay of a rope. */
export const lay: TextureOf = ({ fold }) => ({
  width: 1.2,
  height: 1.2,
  turn: 35,
  marks: line("M 0 0.3 C 0.4 0 0.8 0.6 1.2 0.3", fold, 0.2, 0.6),
});

export const grain: TextureOf = ({ fold }) => ({
  width: 5,
  height: 2,
  marks: line("M 0 0.4 C 1.5 0.1 3 0.8 5 0.4 M 0 1.2 C 2 1.6 3.5 0.9 5 1.2 M 1.4 1.7 h 1.6", fold, 0.14, 0.5),
});
