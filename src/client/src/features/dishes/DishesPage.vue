<script setup lang="ts">
import { mdiPlus, mdiTrayArrowDown } from '@mdi/js'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { KeptDish } from '@/api/types'
import UndoBar from '@/shared/ui/UndoBar.vue'
import { pickedFile } from '@/shared/ui/pickedFile'
import { useAttempt } from '@/shared/ui/useAttempt'
import DishEditor from './DishEditor.vue'
import { newDish, useDishes } from '@/shared/dishes/useDishes'

/** The household's dishes, one of them open. */
const { dishes, query, add, save, saveLeaving, remove, restore, bringIn } = useDishes()
const route = useRoute()
const router = useRouter()
const picker = useTemplateRef<HTMLInputElement>('picker')
const { refusal, attempt } = useAttempt()
const notMapped = ref<readonly string[]>([])
const removed = ref<KeptDish | null>(null)
const open = computed(() => dishes.value.find((d) => d.id === route.params.id))
// One that another window made is not in the list that this browser kept: the server is asked before another dish is shown in its place.
const askedFor = ref('')
watch(
  [dishes, () => route.params.id, askedFor],
  async () => {
    const id = String(route.params.id)
    if (open.value || add.isPending.value || route.name !== 'dishes') return
    if (route.params.id && askedFor.value !== id) {
      await query.refetch()
      askedFor.value = id
    } else if (dishes.value[0]) show(dishes.value[0].id)
  },
  { immediate: true },
)

function show(id: string) {
  void router.replace({ name: 'dishes', params: { id } })
}
const act = (work: () => Promise<unknown>) => {
  notMapped.value = []
  return attempt(work)
}
const begin = () => act(async () => show((await add.mutateAsync(newDish())).id))
const drop = (dish: KeptDish) =>
  act(async () => {
    await remove.mutateAsync(dish.id)
    removed.value = dish
  })
async function bringBack() {
  const dish = removed.value
  removed.value = null
  if (!dish) return
  await restore.mutateAsync(dish.id)
  show(dish.id)
}
function take(event: Event) {
  const file = pickedFile(event)
  if (file)
    void act(async () => {
      const answer = await bringIn.mutateAsync(file)
      show(answer.dish.id)
      notMapped.value = answer.notMapped
    })
}
</script>

<template>
  <div class="dishes">
    <aside class="shelf">
      <div class="tools">
        <h1>Dishes</h1>
        <v-btn :icon="mdiPlus" aria-label="New dish" @click="begin" />
        <v-btn :icon="mdiTrayArrowDown" aria-label="Bring in a file" @click="picker?.click()" />
        <input
          ref="picker"
          class="sr-only"
          type="file"
          accept=".json,.jsonld,application/json,application/ld+json"
          aria-label="File with a dish"
          tabindex="-1"
          @change="take"
        />
      </div>
      <nav aria-label="Dishes">
        <router-link v-for="dish in dishes" :key="dish.id" :to="{ name: 'dishes', params: { id: dish.id } }">
          {{ dish.document.name }}
        </router-link>
      </nav>
      <p v-if="query.isSuccess.value && dishes.length === 0">No dish is kept yet. Begin one, or bring in a recipe.</p>
    </aside>
    <section class="open">
      <p v-if="refusal" role="alert" class="stop">{{ refusal }}</p>
      <div v-if="notMapped.length > 0" role="status" class="said">
        <b>Brought in. Not all of it has a place here:</b>
        <ul>
          <li v-for="line in notMapped" :key="line">{{ line }}</li>
        </ul>
      </div>
      <DishEditor v-if="open" :key="open.id" :kept="open" :save="save" :leave="saveLeaving" @remove="drop(open)" />
    </section>
    <UndoBar :text="removed ? `Removed ${removed.document.name}.` : null" @undo="bringBack" @gone="removed = null" />
  </div>
</template>

<style scoped>
.dishes {
  display: grid;
  grid-template-columns: 230px minmax(0, 1fr);
  gap: 20px 32px;
  max-width: 1360px;
}
.tools {
  display: flex;
  align-items: center;
}
h1 {
  flex: 1;
  font-family: var(--display);
  font-weight: 560;
  line-height: 1.15;
}
nav a {
  display: block;
  min-height: 48px;
  padding: 11px 10px;
  color: inherit;
  text-decoration: none;
  line-height: 1.25;
  border-top: 1px solid rgba(var(--v-theme-on-background), 0.25);
  border-left: 5px solid transparent;
}
nav a.router-link-exact-active {
  border-left-color: rgb(var(--v-theme-secondary));
  font-weight: 700;
}
.said {
  border: 1px solid rgba(var(--v-theme-on-background), 0.5);
  border-radius: 12px;
  padding: 10px 14px;
  margin: 0 0 14px;
}
.said ul {
  padding-left: 20px;
}
@media (max-width: 1100px) {
  .dishes {
    grid-template-columns: minmax(0, 1fr);
  }
  nav {
    display: flex;
    gap: 4px;
    overflow-x: auto;
  }
  nav a {
    white-space: nowrap;
    border-left: 0;
    border-bottom: 4px solid transparent;
  }
  nav a.router-link-exact-active {
    border-bottom-color: rgb(var(--v-theme-secondary));
  }
}
</style>
