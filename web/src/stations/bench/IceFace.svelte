<script lang="ts">
  import type { BenchStep, DesignView, Layer } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import CookiePicture from "../../marks/CookiePicture.svelte";
  import Thumb from "../../marks/Thumb.svelte";
  import Press from "../../parts/Press.svelte";
  import { fixed, lasting, plural } from "../../units/format";
  import BigPress from "./BigPress.svelte";
  import type { StepNow } from "./happened";
  import HoldPress from "./HoldPress.svelte";
  import { strokesOf } from "./strokes";
  import TrialDialog from "./TrialDialog.svelte";
  import { clockOf, techniqueOf } from "./words";
  import WrongDialog from "./WrongDialog.svelte";

  // The cookie large, with what this pass puts on it; the tray, and one press for each cookie.
  const desk = theDesk();
  const { bench } = desk;
  let { step, now, at, ondone }: { step: BenchStep; now: StepNow; at: number; ondone: () => void } =
    $props();

  let dialog: WrongDialog;
  let trial: TrialDialog;
  const MOST_SHOWN = 24;
  const PLAY_MS = 900;
  const LEAST_PLAY_MS = 80;
  const ALL_PLAY_MS = 9_000;

  const design = $derived<DesignView | undefined>(desk.design(step.design));
  const cookie = $derived(design?.cookie ?? null);
  const pass = $derived(cookie?.passes.find((one) => one.number === step.pass));
  const number = $derived.by(() => {
    for (let n = 1; n <= step.cookies; n++)
      if (!now.iced.includes(n) && !now.broken.includes(n)) return n;
    return step.cookies + 1;
  });
  const isOver = $derived(number > step.cookies);
  const times = $derived(
    bench.pressed
      .filter((one) => one.step === step.key && one.what === "ICED")
      .map((one) => Date.parse(one.at))
      .sort((a, b) => a - b),
  );
  const begun = $derived(now.begunAt ? Date.parse(now.begunAt) : null);
  const since = $derived(times.at(-1) ?? begun);
  const each = $derived(
    begun !== null && times.length > 1
      ? ((times.at(-1) ?? begun) - begun) / 1000 / times.length
      : step.eachSeconds,
  );
  const wetLeft = $derived(
    step.wetSeconds > 0 && since !== null ? step.wetSeconds - (at - since) / 1000 : null,
  );

  // Played on demand, stroke by stroke; all of it else.
  const moves = $derived([
    ...new Set((cookie?.marks ?? []).filter((m) => m.pass === step.pass).map((m) => m.move)),
  ]);
  let played = $state<number | null>(null);
  const strokes = $derived(cookie ? strokesOf(cookie.layers, step.pass, moves) : []);
  const layers = $derived.by<Layer[]>(() => {
    if (!cookie) return [];
    const under = cookie.layers.filter((layer) => layer.role === "DOUGH" || layer.pass < step.pass);
    return played === null
      ? cookie.layers.filter((layer) => layer.role === "DOUGH" || layer.pass <= step.pass)
      : [...under, ...strokes.slice(0, played + 1)];
  });
  const lit = $derived(played === null ? null : (strokes[played]?.move ?? null));
  const box = $derived(cookie?.box ?? { x: -40, y: -40, widthMm: 80, heightMm: 80 });

  function play() {
    played = 0;
    const timer = setInterval(
      () => {
        if (played === null || played + 1 >= strokes.length) {
          clearInterval(timer);
          played = null;
        } else {
          played += 1;
        }
      },
      Math.max(LEAST_PLAY_MS, Math.min(PLAY_MS, ALL_PLAY_MS / strokes.length)),
    );
  }

  function next() {
    if (begun === null) {
      bench.press("BEGUN", step.key);
      return;
    }
    if (isOver) {
      ondone();
      return;
    }
    bench.press("ICED", step.key, number);
    if (now.iced.length + now.broken.length + 1 >= step.cookies) ondone();
  }

  // In the practice kitchen a cookie takes its hidden seconds, twenty times as fast; the clock of the play follows.
  const FASTER = 20;
  const LEAST_MS = 700;
  let going = $state<{ cookie: number; seconds: number; ms: number; heldMs: number } | null>(null);
  let mishap = $state("");
  let isAsking = false;
  const isPlayed = $derived(bench.view?.seed !== null);

  async function hold(fromMs: number, toMs: number, isLast: boolean) {
    if (isOver || isAsking) return;
    if (going?.cookie !== number) {
      if (isLast) return;
      isAsking = true;
      const cookie = number;
      const ice = await bench.play.act({
        what: "ICE",
        step: step.key,
        nth: cookie + 1000 * now.redone.filter((one) => one === cookie).length,
        wanted: step.eachSeconds,
      });
      isAsking = false;
      if (!ice) return;
      mishap = "";
      going = {
        cookie,
        seconds: ice.amount,
        ms: Math.max(LEAST_MS, (ice.amount * 1000) / FASTER),
        heldMs: 0,
      };
      happens = ice.mishap ?? "";
      return;
    }
    going.heldMs += toMs - fromMs;
    if (going.heldMs >= going.ms) {
      const { seconds, ms, cookie } = going;
      going = null;
      next();
      if (happens)
        mishap = `Cookie ${cookie}: ${WORDS[happens] ?? happens}. Say so with the presses below.`;
      await bench.play.later(Math.max(1, seconds - ms / 1000));
    }
  }
  let happens = "";
  const WORDS: Record<string, string> = {
    broke: "it broke in your hand",
    crater: "a small area sank in: a crater",
    "over the edge": "icing ran over the edge",
    "air bubble": "an air bubble came up",
  };

  const ahead = $derived(
    `you take ${fixed(each, 0)} s each; ${lasting(Math.ceil(((step.cookies - number + 1) * each) / 60))} to the end of the tray`,
  );

  const word = (move: number) => {
    const of = design?.document.moves[move];
    const colour = cookie?.marks.find((m) => m.move === move)?.colour;
    return `${of?.move ?? ""}${colour ? `, ${desk.colourName(colour)}` : ""}`;
  };
</script>

<div class="two">
  <div class="picture">
    <svg
      viewBox="{box.x - 1} {box.y - 1} {box.widthMm + 2} {box.heightMm + 2}"
      role="img"
      aria-label="What this pass puts on it"
    >
      {#if cookie}
        <CookiePicture cookie={{ layers, sections: cookie.sections }} hexes={desk.hexes} {lit} />
      {/if}
    </svg>
    <ol>
      {#each moves as move, i (move)}
        <li class:lit={lit === move}><b>{i + 1}</b> {word(move)}</li>
      {/each}
    </ol>
    {#if strokes.length > 1}
      <Press plain disabled={played !== null} onpress={play}>Play it</Press>
    {/if}
  </div>
  <div>
    {#if wetLeft !== null && !isOver}
      <p class="soft">wet enough to sink in for another</p>
      <p class="big" class:late={wetLeft < 0}>{clockOf(wetLeft)}</p>
      <div class="bar" aria-hidden="true">
        <span style:width="{Math.max(0, Math.min(100, (wetLeft / step.wetSeconds) * 100))}%"></span>
      </div>
    {:else}
      <p class="soft">cookie</p>
      <p class="big">
        {Math.min(number, step.cookies)} <small>of {step.cookies}</small>
      </p>
    {/if}
    {#if isPlayed && begun !== null && !isOver}
      <HoldPress
        big
        space
        label="Ice cookie {number}"
        sub={`hold it down until it is full; ${ahead}`}
        share={going ? going.heldMs / going.ms : 0}
        onhold={(fromMs, toMs, isLast) => void hold(fromMs, toMs, isLast)}
      />
      <p class="mishap" role="status">{mishap}</p>
    {:else}
      <BigPress
        label={begun === null ? "Begin the tray" : isOver ? "Tray done" : "Next cookie"}
        sub={begun === null
          ? `${plural(step.cookies, "cookie")}, some ${lasting(Math.ceil(step.seconds / 60))}`
          : ahead}
        lowerHalf
        onpress={next}
      />
    {/if}
    <p class="row">
      <Press
        plain
        disabled={begun === null || isOver}
        onpress={() => bench.press("BROKE", step.key, number)}>One broke</Press
      >
      <Press plain onpress={() => dialog.show()}>Something went wrong</Press>
      {#if step.coatGrams > 0}
        <Press plain onpress={() => trial.show()}>Weigh a trial cookie</Press>
      {/if}
    </p>
    <p class="soft technique">{techniqueOf(pass?.stage, step.wetSeconds > 0)}</p>
  </div>
</div>

<ul class="tray" aria-label="The tray">
  {#each Array.from({ length: Math.min(MOST_SHOWN, step.cookies) }, (_, i) => i + 1) as n (n)}
    <li
      class:current={n === number}
      class:broken={now.broken.includes(n)}
      class:todo={!now.iced.includes(n)}
    >
      {#if design}<Thumb {design} hexes={desk.hexes} />{/if}
    </li>
  {/each}
</ul>
<p class="soft">
  tray {step.tray}: {now.iced.length} iced, {now.broken.length > 0
    ? `${now.broken.length} broken, `
    : ""}{Math.max(0, step.cookies - now.iced.length - now.broken.length)} to go{now.devices
    .length > 1
    ? `; iced on ${now.devices.join(" and ")}, each cookie counted once`
    : ""}
</p>

<TrialDialog bind:this={trial} {step} {now} />
<WrongDialog bind:this={dialog} {step} {now} {at} {number} {times} />

<style>
  .two {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
    gap: 24px;
    margin-top: 8px;
  }
  .picture svg {
    width: 100%;
    height: 280px;
  }
  ol {
    list-style: none;
    margin: 6px 0;
    padding: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
  }
  b {
    display: inline-grid;
    place-items: center;
    width: 24px;
    height: 24px;
    border: 2px solid var(--cobalt);
    border-radius: 50%;
    font-size: var(--small);
  }
  .lit {
    font-weight: 700;
  }
  .big {
    font: 700 64px/1.05 var(--heading);
    margin-bottom: 8px;
  }
  .big small {
    font-size: 24px;
  }
  .late {
    color: var(--tomato);
  }
  .bar {
    height: 18px;
    border-radius: var(--pill);
    background: var(--table);
    margin-bottom: 14px;
    overflow: hidden;
  }
  .bar span {
    display: block;
    height: 100%;
    border-radius: var(--pill);
    background: #8fb4e0;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    margin: 12px 0;
  }
  .mishap {
    min-height: 24px;
    margin: 6px 0;
    color: var(--tomato);
    font-weight: 600;
  }
  .technique {
    min-height: 40px;
  }
  .tray {
    list-style: none;
    margin: 14px 0 4px;
    padding: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  .tray li {
    width: 46px;
    height: 46px;
    padding: 4px;
    display: grid;
    place-items: center;
    border: 2px solid transparent;
    border-radius: 50%;
  }
  .todo :global(svg) {
    opacity: 0.3;
  }
  .current {
    border-color: var(--brass-line) !important;
  }
  .broken {
    border: 2px dashed var(--tomato) !important;
  }
  @media (max-width: 700px) {
    .two {
      grid-template-columns: 1fr;
      gap: 8px;
    }
    .picture svg {
      height: 200px;
    }
    .big {
      font-size: 44px;
    }
  }
</style>
