<template>
  <!-- The spool at the head of the wire line; on a phone the wire runs down from it. -->
  <svg viewBox="0 0 72 72" aria-hidden="true">
    <circle cx="32" cy="32" r="30" class="flange" />
    <circle cx="32" cy="32" r="18" class="turns" />
    <circle cx="32" cy="32" r="10" class="hub" />
    <circle cx="32" cy="32" r="3" class="pin" />
    <path d="M32 54C48 58 50 34 72 34" class="lead" />
  </svg>
</template>

<style scoped>
svg {
  fill: none;
}
.flange {
  stroke: var(--ink);
  stroke-width: 2;
}
.turns {
  stroke: var(--copper-soft);
  stroke-width: 13;
}
.hub {
  stroke: var(--ink);
  stroke-width: 2;
}
.pin {
  fill: var(--ink);
}
.lead {
  stroke: var(--copper);
  stroke-width: 4;
}
@media (max-width: 900px) {
  .lead {
    d: path('M10 32C6 48 22 50 22 72');
  }
}
</style>
