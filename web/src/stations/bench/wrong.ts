import type { icingAge } from "../../core/rules";

// What can go wrong with a cookie, and what can be done about it, by how old its icing is (kitchen practice).

/** How far the icing has dried: so wet that it closes over a needle; with a skin; dry. */
export type Age = ReturnType<typeof icingAge>;

export type Cause = {
  key: string;
  word: string;
  does: Record<Age, string>;
  /** Whether the cookie is iced once more where that is done. */
  redone: Partial<Record<Age, boolean>>;
};

const COVER = "Leave it. A raised line, a dot or a transfer over it hides it.";
const SCRAPE = "Scrape it off with a flat blade, brush the crumbs away, and ice it again.";
const LIFT = "Lift it off with a spatula, wipe the cookie clean, and ice it again.";

export const CAUSES: Cause[] = [
  {
    key: "over the edge",
    word: "ran over the edge",
    does: {
      wet: "Wipe the edge with a damp brush or a fingertip; if much has gone, lift it off and redo.",
      skinned: "Wait until it is dry, then scrape the drip away with a flat blade.",
      dry: "Scrape the drip away with a flat blade.",
    },
    redone: {},
  },
  {
    key: "crater",
    word: "a crater",
    does: {
      wet: "Fill it with a drop of the same icing and smooth it with the needle.",
      skinned: COVER,
      dry: "Fill the hole with a stiff drop of the same colour, and cover it.",
    },
    redone: {},
  },
  {
    key: "bled",
    word: "the colour bled",
    does: { wet: LIFT, skinned: COVER, dry: COVER },
    redone: { wet: true },
  },
  {
    key: "dented",
    word: "dented",
    does: {
      wet: "Push the icing over it with the needle, and shake the cookie lightly.",
      skinned: COVER,
      dry: COVER,
    },
    redone: {},
  },
  {
    key: "ran together",
    word: "colours ran together",
    does: { wet: LIFT, skinned: COVER, dry: SCRAPE },
    redone: { wet: true, dry: true },
  },
  {
    key: "lettering",
    word: "lettering wrong",
    does: {
      wet: "Lift the letters off with the needle before they hold, and write again.",
      skinned: "Wait until the letters are dry, then lift them off with a blade.",
      dry: "Lift the letters off with a blade, and write again.",
    },
    redone: {},
  },
  {
    key: "air bubble",
    word: "an air bubble",
    does: {
      wet: "Prick it with the needle and close it in a small circle.",
      skinned: "Leave it shut: opened now it stays a hole.",
      dry: "Fill it with a drop of the same colour where it has burst.",
    },
    redone: {},
  },
  {
    key: "too thin",
    word: "icing too thin",
    does: {
      wet: "Lift it off before it runs, and thicken the bag's icing with stiff base.",
      skinned: COVER,
      dry: "A second flood hides what shows through.",
    },
    redone: { wet: true },
  },
  {
    key: "too thick",
    word: "icing too thick",
    does: {
      wet: "Help it with the needle; thin what is left in the bag by a few drops.",
      skinned: COVER,
      dry: "Leave it: a ridge is smoothed with a fine file where it disturbs.",
    },
    redone: {},
  },
  {
    key: "skinned",
    word: "skinned before it could sink",
    does: {
      wet: "Press on at once, with fewer pieces to a section.",
      skinned: "Leave what is on it raised; do the next cookie section by section.",
      dry: COVER,
    },
    redone: {},
  },
  {
    key: "transfer broke",
    word: "a transfer broke",
    does: {
      wet: "Set a spare one in its place.",
      skinned: "Glue a spare one on with a dot of icing.",
      dry: "Glue a spare one on with a dot of icing.",
    },
    redone: {},
  },
  {
    key: "bag burst",
    word: "the bag burst",
    does: {
      wet: "Squeeze what is clean into a new bag; wipe the cookie before it sets.",
      skinned: "Put what is left into a new bag; scrape the blot off when it is dry.",
      dry: "Put what is left into a new bag.",
    },
    redone: {},
  },
];
