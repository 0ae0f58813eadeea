<script lang="ts">
  // How icing is lit, once a page: from the upper left, over the alpha of what is painted, blurred, as over a dome. Where it is flat the light leaves
  // its colour alone: the factor of the diffuse light is 1 / sin of how high the lamp stands, so that only slopes turned away are darker.
  const AZIMUTH = 235;
  const HIGH = 62;
  const FLAT = 1 / Math.sin((HIGH * Math.PI) / 180);

  // By count: how far in from the edge it is domed (mm), and how steep.
  const COATS = [
    { name: "soft", mm: 1.3, steep: 2.2 },
    { name: "domed", mm: 2, steep: 3.6 },
    { name: "glaze", mm: 0.7, steep: 1 },
  ];
  const SHINES = [
    { name: "wet", bright: 1 },
    { name: "skinned", bright: 0.55 },
    { name: "dry", bright: 0.4 },
  ];
</script>

<svg class="lamp" width="0" height="0" aria-hidden="true" focusable="false">
  <defs>
    {#each SHINES as shine (shine.name)}
      {#each COATS as coat (coat.name)}
        <filter
          id="icing-{coat.name}-{shine.name}"
          x="-2%"
          y="-2%"
          width="104%"
          height="104%"
          color-interpolation-filters="sRGB"
        >
          <feGaussianBlur in="SourceAlpha" stdDeviation={coat.mm} result="dome" />
          <feDiffuseLighting
            in="dome"
            surfaceScale={coat.steep}
            diffuseConstant={FLAT}
            lighting-color="#fff"
            result="lit"
          >
            <feDistantLight azimuth={AZIMUTH} elevation={HIGH} />
          </feDiffuseLighting>
          <feComposite
            in="SourceGraphic"
            in2="lit"
            operator="arithmetic"
            k1="0.6"
            k2="0.4"
            result="shaded"
          />
          <feComposite in="shaded" in2="SourceAlpha" operator="in" result="body" />
          <feSpecularLighting
            in="dome"
            surfaceScale={coat.steep}
            specularConstant={shine.bright}
            specularExponent="90"
            lighting-color="#fff"
            result="sheen"
          >
            <feDistantLight azimuth={AZIMUTH} elevation="50" />
          </feSpecularLighting>
          <feComposite in="sheen" in2="SourceAlpha" operator="in" result="rim" />
          <feMerge>
            <feMergeNode in="body" />
            <feMergeNode in="rim" />
          </feMerge>
        </filter>
      {/each}
      <filter
        id="icing-raised-{shine.name}"
        x="-15%"
        y="-15%"
        width="130%"
        height="130%"
        color-interpolation-filters="sRGB"
      >
        <feGaussianBlur in="SourceAlpha" stdDeviation="0.45" result="dome" />
        <feOffset in="dome" dx="0.25" dy="0.35" result="fallen" />
        <feFlood flood-color="#1b2440" flood-opacity="0.4" />
        <feComposite in2="fallen" operator="in" result="shade" />
        <feSpecularLighting
          in="dome"
          surfaceScale="2"
          specularConstant={0.9 * shine.bright}
          specularExponent="60"
          lighting-color="#fff"
          result="sheen"
        >
          <feDistantLight azimuth={AZIMUTH} elevation="50" />
        </feSpecularLighting>
        <feComposite in="sheen" in2="SourceAlpha" operator="in" result="rim" />
        <feMerge>
          <feMergeNode in="shade" />
          <feMergeNode in="SourceGraphic" />
          <feMergeNode in="rim" />
        </feMerge>
      </filter>
    {/each}
  </defs>
</svg>

<style>
  .lamp {
    position: absolute;
  }
</style>
