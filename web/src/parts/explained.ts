/** Words of the craft that a beginner may not know, each with a small drawing in a box of 120 by 60. */
type Part = { path: string; fill?: string; stroke?: string };

const ICING = "#FFB14E";
const OTHER = "#D5473F";
const DOUGH = "#DDB98A";
const BASE: Part = { path: "M8 46 H112 V54 H8 Z", fill: DOUGH, stroke: "#B98D56" };

export type Explained =
  "count" | "fullness" | "crease" | "bleed" | "letDown" | "gate" | "pass" | "spare" | "ladder";

export const EXPLAINED: Record<Explained, { title: string; says: string; drawing: Part[] }> = {
  count: {
    title: "a count",
    says: "Draw a knife through the icing and count until the line has closed. 15 seconds floods, 50 holds a line. The fewer seconds, the runnier.",
    drawing: [
      { path: "M10 40 Q30 40 48 40 L52 48 L58 40 Q90 40 110 40 V54 H10 Z", fill: ICING },
      { path: "M53 46 V12 M48 18 L53 10 L58 18" },
    ],
  },
  fullness: {
    title: "fullness",
    says: "How high a flood is filled: 1 is level with its outline, more is a pillow, less is thin.",
    drawing: [
      BASE,
      { path: "M14 46 Q14 36 24 36 H52 Q60 36 60 46 Z", fill: ICING },
      { path: "M64 46 Q66 20 86 20 T108 46 Z", fill: OTHER },
    ],
  },
  crease: {
    title: "a crease",
    says: "The fine line between two floods, when one has skinned before the other is laid beside it. Wet beside wet they flow together instead.",
    drawing: [
      BASE,
      { path: "M14 46 Q14 30 34 30 Q58 30 60 44 L60 46 Z", fill: ICING },
      { path: "M60 46 L60 44 Q62 30 86 30 Q106 30 106 46 Z", fill: OTHER },
    ],
  },
  bleed: {
    title: "bleeding",
    says: "A strong colour creeping into a light one beside it, mostly where both stayed wet for long. Letting the dark one dry first helps.",
    drawing: [
      { path: "M8 12 H60 V54 H8 Z", fill: OTHER },
      { path: "M60 12 H112 V54 H60 Z", fill: "#F6F6F0" },
      { path: "M60 18 q10 2 6 8 q10 4 2 10 q8 4 0 8 q6 4 -8 8 Z", fill: "#E99", stroke: OTHER },
    ],
  },
  letDown: {
    title: "letting down",
    says: "Making a light shade out of a dark bowl and white icing, by weight: the two then belong together, and drops are saved.",
    drawing: [
      { path: "M10 20 H42 Q40 44 26 44 Q12 44 10 20 Z", fill: OTHER },
      { path: "M46 30 H60 M54 25 L60 30 L54 35" },
      { path: "M66 20 H110 Q108 48 88 48 Q68 48 66 20 Z", fill: "#F3B5AF" },
    ],
  },
  gate: {
    title: "a gate",
    says: "What must be so before the next thing goes on: the coat still wet, skinned, firm, or dry through. It says how long that takes.",
    drawing: [
      { path: "M20 52 V14 M100 52 V14 M20 20 H100 M40 20 V52 M60 20 V52 M80 20 V52" },
      { path: "M14 10 H26 M94 10 H106" },
    ],
  },
  pass: {
    title: "a pass",
    says: "Everything that is iced in one go. What needs the first to dry comes in the next pass; the fewer passes, the sooner the tray is done.",
    drawing: [
      BASE,
      { path: "M14 46 Q16 34 60 34 T106 46 Z", fill: ICING },
      { path: "M40 35 Q44 22 60 22 T80 35 Z", fill: OTHER },
    ],
  },
  spare: {
    title: "spare",
    says: "What is mixed beyond what the cookies take, since hands and counts are never exact. The less you risk running short, the more is spare.",
    drawing: [
      { path: "M20 14 H100 Q96 52 60 52 Q24 52 20 14 Z" },
      { path: "M24 26 H96 Q90 52 60 52 Q30 52 24 26 Z", fill: ICING },
      { path: "M22 20 H98", stroke: OTHER },
    ],
  },
  ladder: {
    title: "the ladder",
    says: "Start with all of the bowl as its stiffest icing, take what is piped, add a little water, take the next, and so on down to the flood. One bowl, no second tinting.",
    drawing: [
      { path: "M20 16 H44 V28 H68 V40 H92 V52" },
      { path: "M24 12 Q32 0 40 12 Z", fill: ICING },
      { path: "M48 24 Q56 16 64 24 Z", fill: ICING },
      { path: "M72 36 Q80 31 88 36 Z", fill: ICING },
    ],
  },
};
