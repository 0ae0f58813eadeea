/** The words that moves name sections by, as she reads them. */

type Named = { name: string };

/** A group of sections: the words that the design document has for it, and those on the screen. */
export type Group = { words: string; label: string };

/** The divisions of a cookie by their letters. */
function divisions(sections: Named[]): string[] {
  return [...new Set(sections.map((one) => one.name.charAt(0)))];
}

/** Groups of sections that a move can lie on, beside each by itself. */
export function groups(sections: Named[]): Group[] {
  if (sections.length < 2) return [];
  const keys = divisions(sections);
  const several = keys.length > 1;
  return keys.flatMap((key) => {
    const of = several ? ` of ${key}` : "";
    const own = sections.filter((one) => one.name.startsWith(key)).length;
    const all = several && own > 1 ? [{ words: key, label: `all of ${key}` }] : [];
    if (own < 3) return all;
    return [
      ...all,
      { words: `${key}-odd`, label: `every other one${of}` },
      { words: `${key}-even`, label: `the ones between${of}` },
    ];
  });
}

/** Words of a design document as she reads them: "a-odd b2" is "every other one and b2". */
export function sectionWords(on: string, sections: Named[]): string {
  const known = groups(sections);
  return on
    .split(/[\s,]+/)
    .filter(Boolean)
    .map((word) => known.find((group) => group.words === word)?.label ?? plain(word))
    .join(" and ");
}

function plain(word: string): string {
  if (word.endsWith("-odd")) return `every other one of ${word.charAt(0)}`;
  if (word.endsWith("-even")) return `the ones between of ${word.charAt(0)}`;
  return /^[a-z]$/.test(word) ? `all of ${word}` : word;
}

/** The words with one put to them, or taken from them. */
export function toggled(on: string, word: string): string {
  const words = on.split(/[\s,]+/).filter(Boolean);
  return (words.includes(word) ? words.filter((one) => one !== word) : [...words, word]).join(" ");
}

/** The names of the sections that words mean. */
export function meant(on: string, sections: Named[]): string[] {
  return on
    .split(/[\s,]+/)
    .filter(Boolean)
    .flatMap((word) => {
      const [key, which] = word.split("-");
      if (!which && sections.some((one) => one.name === word)) return [word];
      const own = sections.filter((one) => one.name.replace(/\d+$/, "") === key);
      return own
        .filter((one) => {
          const odd = Number(one.name.slice(1)) % 2 === 1;
          return !which || (which === "odd") === odd;
        })
        .map((one) => one.name);
    });
}
