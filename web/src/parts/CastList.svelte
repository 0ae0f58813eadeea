<script lang="ts">
  import type { PaletteColour } from "../api/types";
  import BowlDisc from "../marks/BowlDisc.svelte";

  type Part = { role: string; name: string; hex: string; key: string };

  // Parts of a design (main, second, dark …) and the colour of a palette that plays each.
  let {
    roles,
    palette,
    bring = false,
    onpick,
  }: {
    roles: Part[];
    palette: PaletteColour[];
    /** Whether a colour that is not in the palette may be brought along. */
    bring?: boolean;
    onpick: (part: Part, key: string) => void;
  } = $props();

  // What a part plays, in plain words.
  const PARTS: Record<string, string> = {
    main: "most of it",
    second: "the next most",
    third: "a third part",
    accent: "small touches",
    dark: "dark lines",
    white: "white parts",
  };
  const said = (role: string) => {
    const [word = "", number] = role.split("-");
    return `${PARTS[word] ?? word}${number ? ` ${number}` : ""}`;
  };
  const hex = (part: Part) => palette.find((c) => c.key === part.key)?.hex ?? part.hex;
</script>

<ul>
  {#each roles as part (part.role)}
    <li>
      <BowlDisc hex={hex(part)} size={30} />
      <label>
        <span>{said(part.role)}</span>
        <select
          aria-label={said(part.role)}
          value={part.key}
          onchange={(e) => onpick(part, e.currentTarget.value)}
        >
          {#each palette as colour (colour.key)}
            <option value={colour.key}>{colour.name}</option>
          {/each}
          {#if bring}<option value="">bring {part.name} along</option>{/if}
        </select>
      </label>
    </li>
  {/each}
</ul>

<style>
  ul {
    list-style: none;
    margin: 10px 0;
    padding: 0;
    display: grid;
    gap: 8px;
  }
  li,
  label {
    display: flex;
    align-items: center;
    gap: 12px;
  }
  label span {
    min-width: 70px;
    font-weight: 600;
  }
  select {
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 5px 8px;
    min-height: var(--target);
  }
</style>
