/** The stations on the thread, in the order of the work. */
export const STATIONS = [
  { name: "Set", address: "" },
  { name: "Cookie", address: "/cookie" },
  { name: "Bowls", address: "/bowls" },
  { name: "Clock", address: "/clock" },
  { name: "Bench", address: "/bench" },
  { name: "Notebook", address: "/notebook" },
  { name: "Shelf", address: "/shelf" },
] as const;

/** What a station that is not laid out yet will answer, and where to go meanwhile. */
export const LATER: Record<string, { will: string; meanwhile: string; address: string }> = {
  notebook: {
    will: "The notebook will keep what you measured and change the defaults by it. It is not in this version.",
    meanwhile: "You can set the shop's own numbers by hand.",
    address: "shop",
  },
};
