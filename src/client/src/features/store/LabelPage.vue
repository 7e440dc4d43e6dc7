<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { api, unwrap } from '@/api/client'
import ChoiceField from '@/shared/fields/ChoiceField.vue'
import { dayWords } from '@/shared/store/useStore'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { sheetsOf } from './sheets'

/** Labels on a sheet, as they are printed. */
const route = useRoute()
const ids = computed(() => (typeof route.query.ids === 'string' ? route.query.ids : ''))
const { data: labels } = useQuery({
  queryKey: ['labels', ids],
  queryFn: async () => unwrap(await api.GET('/api/store/labels', { params: { query: { ids: ids.value } } })),
})
const { unitSystem } = useKitchen()
const sheets = computed(() => sheetsOf(unitSystem.value))
const chosen = useLocalStorage('ikuzo.sheet', '')
const sheet = computed(() => sheets.value.find((s) => s.value === chosen.value) ?? sheets.value[0]!)
const pages = computed(() => {
  const perSheet = sheet.value.columns * sheet.value.rows
  const all = labels.value ?? []
  return Array.from({ length: Math.ceil(all.length / perSheet) }, (_, i) => all.slice(i * perSheet, (i + 1) * perSheet))
})
const style = computed(() => ({
  '--width': `${sheet.value.widthMm}mm`,
  '--height': `${sheet.value.heightMm}mm`,
  '--label-width': `${sheet.value.labelWidthMm}mm`,
  '--label-height': `${sheet.value.labelHeightMm}mm`,
  '--columns': sheet.value.columns,
  '--rows': sheet.value.rows,
}))
const print = () => window.print()
</script>

<template>
  <div class="labels" :style="style">
    <header class="no-print">
      <h1>Labels</h1>
      <ChoiceField label="Sheet" :model-value="sheet.value" :options="sheets" @update:model-value="chosen = $event" />
      <v-btn class="tall" variant="flat" color="primary" :disabled="pages.length === 0" @click="print">Print</v-btn>
      <router-link class="back" :to="{ name: 'cold' }">Back to the cold store</router-link>
    </header>
    <p v-if="labels?.length === 0">Nothing to label.</p>
    <section v-for="(page, number) in pages" :key="number" class="sheet" :aria-label="`Sheet ${number + 1}`">
      <article v-for="label in page" :key="label.id" class="label">
        <div>
          <h2>{{ label.name }}</h2>
          <p>
            from <b>{{ dayWords(label.made) }}</b>
          </p>
          <p v-if="label.useBy">
            by <b>{{ dayWords(label.useBy) }}</b>
          </p>
          <p>{{ label.toDo }}</p>
        </div>
        <img :src="label.code" :alt="`Code that opens ${label.name}`" />
      </article>
    </section>
  </div>
</template>

<style scoped>
.labels header {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 12px 20px;
  margin-bottom: 18px;
}
h1 {
  font-family: var(--display);
  font-weight: 560;
}
.back {
  min-height: 48px;
  display: inline-flex;
  align-items: center;
  color: inherit;
}
.sheet {
  box-sizing: border-box;
  width: var(--width);
  max-width: 100%;
  min-height: var(--height);
  display: grid;
  grid-template-columns: repeat(var(--columns), var(--label-width));
  grid-auto-rows: var(--label-height);
  place-content: start center;
  padding-top: calc((var(--height) - var(--rows) * var(--label-height)) / 2);
  overflow: auto;
  background: #fff;
  color: #111;
  border: 1px solid rgba(var(--v-theme-on-background), 0.35);
  margin-bottom: 12px;
  break-after: page;
}
.label {
  box-sizing: border-box;
  display: flex;
  justify-content: space-between;
  gap: 2mm;
  padding: 3mm;
  overflow: hidden;
  outline: 0.2mm dashed #999;
  font-size: 3mm;
  line-height: 1.25;
}
.label h2 {
  font-size: 4mm;
  line-height: 1.15;
}
.label p {
  margin: 0;
}
.label img {
  align-self: center;
  flex: none;
  width: calc(var(--label-height) * 0.5);
  max-width: 24mm;
}
@page labels {
  margin: 0;
}
@media print {
  .no-print {
    display: none !important;
  }
  .sheet {
    page: labels;
    border: 0;
    margin: 0;
    max-width: none;
    min-height: 0;
    height: calc(var(--height) - 1mm);
    overflow: hidden;
  }
  .sheet:last-child {
    break-after: auto;
  }
  .label {
    outline: 0;
  }
}
</style>
