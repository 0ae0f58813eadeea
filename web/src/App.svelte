<script lang="ts">
  import { Router } from "sv-router";
  import Keys from "./parts/Keys.svelte";
  import Toast from "./parts/Toast.svelte";
  import "./router";
</script>

<Router />
<Toast />
<Keys />
