<script lang="ts">
  import type { DesignView } from "../../api/types";
  import { recoloured } from "../../desk/catalogue.svelte";
  import { theDesk } from "../../desk/order.svelte";
  import CastList from "../../parts/CastList.svelte";

  const desk = theDesk();

  // Each colour of the design by the part it plays; another one of the order can take its place.
  let { design }: { design: DesignView } = $props();

  const roles = $derived(
    (design.cookie?.roles ?? []).map((role) => ({
      role: role.role,
      name: desk.colourName(role.colour),
      hex: desk.hexes[role.colour] ?? "#888888",
      key: role.colour,
    })),
  );
</script>

<p class="soft">
  The design changes at once, in every move that has the colour; undo brings it back.
</p>
<CastList
  {roles}
  palette={desk.palette}
  onpick={(from, to) =>
    desk.editDesign(design.id, (draft) => {
      draft.document.moves = recoloured(draft.document.moves, from.key, to);
    })}
/>
