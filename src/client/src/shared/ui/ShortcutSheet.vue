<script setup lang="ts">
const open = defineModel<boolean>({ required: true })
const keys = [
  ['/', 'ask'],
  ['+ −', 'a minute more or less'],
  ['← →', 'move the handle in the picture'],
  ['r', 'back to Ikuzo’s minutes'],
  ['k', 'keep this plan'],
  ['u', 'switch units'],
  ['d', 'day or night'],
  ['?', 'this sheet'],
] as const
</script>

<template>
  <v-dialog v-model="open" max-width="420" aria-label="Keys">
    <div class="sheet">
      <h2>Keys</h2>
      <dl>
        <div v-for="[key, what] in keys" :key="key">
          <dt>
            <kbd>{{ key }}</kbd>
          </dt>
          <dd>{{ what }}</dd>
        </div>
      </dl>
      <v-btn block variant="outlined" class="close" @click="open = false">Close</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
.sheet {
  background: rgb(var(--v-theme-surface));
  color: rgb(var(--v-theme-on-surface));
  border: 2px solid currentColor;
  border-radius: 16px;
  padding: 20px;
}
.sheet h2 {
  font-family: var(--display);
  font-weight: 560;
}
.sheet dl div {
  display: grid;
  grid-template-columns: 4.5rem 1fr;
  gap: 16px;
  padding: 6px 0;
}
.sheet dd {
  margin: 0;
}
kbd {
  border: 1.5px solid currentColor;
  border-radius: 6px;
  padding: 1px 8px;
  font: inherit;
  font-weight: 700;
}
.close {
  min-height: 48px;
  margin-top: 10px;
}
</style>
