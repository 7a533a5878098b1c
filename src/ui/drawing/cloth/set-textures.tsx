import { line, type TextureOf } from "./texture";

/** Scales in rows, large in the middle of the hide. */
export const croc: TextureOf = ({ fold, seam }) => ({
  width: 3,
  height: 2.4,
  marks: (
    <>
      {line(
        "M 0 0.05 H 3 M 0 1.25 H 3 M 0.75 0 V 1.25 M 2.25 0 V 1.25 M 0 1.25 V 2.4 M 1.5 1.25 V 2.4 M 3 1.25 V 2.4",
        fold,
        0.2,
        0.75,
      )}
      {line("M 1 0.35 h 0.7 M 0.3 1.55 h 0.7 M 1.8 1.55 h 0.7", seam, 0.14, 0.4)}
    </>
  ),
});

export const reptile: TextureOf = ({ fold, seam }) => ({
  width: 1.6,
  height: 2.2,
  marks: (
    <>
      {line("M 0.8 0 L 1.6 1.1 L 0.8 2.2 L 0 1.1 Z", fold, 0.18, 0.7)}
      <path d="M 0.8 0.6 L 1.2 1.1 L 0.8 1.6 L 0.4 1.1 Z" fill={seam} fillOpacity={0.3} />
    </>
  ),
});

/** Rosettes of a coat. */
export const rosettes: TextureOf = ({ outline, fold }) => ({
  width: 5,
  height: 5,
  marks: (
    <>
      {line(
        "M 0.8 1.3 a 0.8 0.7 0 0 1 1.3 -0.4 M 2.3 1.5 a 0.8 0.7 0 0 1 -1.2 0.7 M 3.3 3.6 a 0.8 0.8 0 0 1 1.2 -0.6 M 4.7 3.7 a 0.8 0.8 0 0 1 -1.1 0.8",
        outline,
        0.42,
        0.85,
      )}
      <g fill={fold} fillOpacity={0.7}>
        <ellipse cx={1.6} cy={1.6} rx={0.32} ry={0.26} />
        <ellipse cx={4} cy={3.8} rx={0.32} ry={0.26} />
        <ellipse cx={3.9} cy={0.8} rx={0.4} ry={0.28} />
        <ellipse cx={1.1} cy={4} rx={0.42} ry={0.3} />
      </g>
    </>
  ),
});

/** Small discs that catch the light here and there. */
export const sequins: TextureOf = ({ fold }) => ({
  width: 2.4,
  height: 2,
  marks: (
    <>
      <g fill="none" stroke={fold} strokeWidth={0.12} strokeOpacity={0.7}>
        <circle cx={0.6} cy={0.5} r={0.5} />
        <circle cx={1.8} cy={0.5} r={0.5} />
        <circle cx={0} cy={1.5} r={0.5} />
        <circle cx={1.2} cy={1.5} r={0.5} />
        <circle cx={2.4} cy={1.5} r={0.5} />
      </g>
      <circle cx={1.65} cy={0.38} r={0.2} fill="#ffffff" fillOpacity={0.9} />
      <circle cx={1.05} cy={1.4} r={0.12} fill="#ffffff" fillOpacity={0.6} />
    </>
  ),
});

export const glints: TextureOf = ({ fold }) => ({
  width: 2.6,
  height: 2.6,
  marks: (
    <>
      <g fill="#ffffff" fillOpacity={0.85}>
        <circle cx={0.4} cy={0.6} r={0.13} />
        <circle cx={1.6} cy={0.3} r={0.09} />
        <circle cx={2.2} cy={1.5} r={0.14} />
        <circle cx={1} cy={2.1} r={0.1} />
      </g>
      <g fill={fold} fillOpacity={0.5}>
        <circle cx={1} cy={1} r={0.12} />
        <circle cx={2.1} cy={2.3} r={0.1} />
        <circle cx={0.3} cy={1.8} r={0.1} />
      </g>
    </>
  ),
});

/** Cut stones set in rows. */
export const stones: TextureOf = ({ fold }) => ({
  width: 1.8,
  height: 1.8,
  marks: (
    <>
      <path
        d="M 0.9 0.2 L 1.5 0.9 L 0.9 1.6 L 0.3 0.9 Z"
        fill="#ffffff"
        fillOpacity={0.35}
        stroke={fold}
        strokeWidth={0.1}
      />
      <path d="M 0.9 0.2 L 0.9 1.6 M 0.3 0.9 H 1.5" stroke="#ffffff" strokeOpacity={0.7} strokeWidth={0.09} />
    </>
  ),
});

/** Beads side by side, each with its light. */
export const beads: TextureOf = ({ fold }) => ({
  width: 1.2,
  height: 1.2,
  marks: (
    <>
      <circle cx={0.6} cy={0.6} r={0.52} fill="none" stroke={fold} strokeWidth={0.12} strokeOpacity={0.7} />
      <circle cx={0.45} cy={0.42} r={0.16} fill="#ffffff" fillOpacity={0.8} />
    </>
  ),
});

export const studs: TextureOf = ({ fold }) => ({
  width: 2.4,
  height: 2.4,
  marks: (
    <>
      <circle cx={0.8} cy={0.8} r={0.36} fill="#d8d8d8" stroke={fold} strokeWidth={0.1} />
      <circle cx={2} cy={2} r={0.36} fill="#d8d8d8" stroke={fold} strokeWidth={0.1} />
    </>
  ),
});

export const links: TextureOf = ({ fold, seam }) => ({
  width: 1.2,
  height: 1.2,
  marks: (
    <>
      <ellipse
        cx={0.6}
        cy={0.3}
        rx={0.42}
        ry={0.2}
        fill="none"
        stroke={fold}
        strokeWidth={0.14}
        strokeOpacity={0.7}
      />
      <ellipse
        cx={0.6}
        cy={0.9}
        rx={0.2}
        ry={0.36}
        fill="none"
        stroke={seam}
        strokeWidth={0.14}
        strokeOpacity={0.6}
      />
    </>
  ),
});

/** Cloudy patches of shell. */
export const shell: TextureOf = ({ outline, seam }) => ({
  width: 3.4,
  height: 3,
  marks: (
    <>
      <path
        d="M 0.3 0.5 C 0.9 0 1.5 0.7 1.1 1.1 C 0.6 1.5 0 1 0.3 0.5 Z M 2 1.8 C 2.6 1.3 3.3 2 2.8 2.5 C 2.3 2.9 1.6 2.3 2 1.8 Z"
        fill={outline}
        fillOpacity={0.75}
      />
      <path
        d="M 2.2 0.3 C 2.6 0.1 3 0.6 2.6 0.8 Z M 0.5 2 C 0.9 1.8 1.2 2.3 0.8 2.5 Z"
        fill={seam}
        fillOpacity={0.5}
      />
    </>
  ),
});
