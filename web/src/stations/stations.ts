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
