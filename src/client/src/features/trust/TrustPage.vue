<script setup lang="ts">
import { computed } from 'vue'
import { useDraft, withPot } from '@/shared/draft/useDraft'
import { useCatalogue } from '@/shared/catalogue/useCatalogue'
import { useKitchen } from '@/shared/kitchen/useKitchen'
import { text } from '@/shared/units/format'
import AssumptionList from './AssumptionList.vue'
import CalibrationPlot from './CalibrationPlot.vue'
import CoursePicture from './CoursePicture.vue'
import EnergyBar from './EnergyBar.vue'
import { useAssumptions, useEnergy, useWidth, useWorth } from './useTrust'
import WidthList from './WidthList.vue'

/** How far to trust this: the solver against the textbook, the books of one cook, and what is known and what is not. */
const { draft } = useDraft()
const { birdWords, safety, version } = useCatalogue()
const { units, pots } = useKitchen()
const share = computed(() => Math.round((safety.value?.shareSafe ?? 0) * 100))
const core = computed(() => (safety.value ? text(units.value.temperature(safety.value.coreCelsius)) : '…'))
const request = computed(() => withPot(draft.value, pots.value))
const cook = computed(() => birdWords(request.value.load) ?? 'this cook')
const { data: energy, error } = useEnergy(request)
const { data: width } = useWidth(request)
const { data: worth } = useWorth(request)
const { data: assumptions } = useAssumptions()
const limits = [
  'A probe in the coldest spot overrules all of this, always towards more cooking.',
  'Bone, cartilage and the cavity of a bird are simplified to two spots with their own size and shape.',
  'A pot that leaks, scorches or holds another pressure than its manual says is not seen. What you write down is.',
  'Tenderness and juice are for comparing cooks; they are not promises.',
  'Very soon after lid-on, while the warm layer is thinner than a sixth of the meat, the surface is less exact. No verdict is taken then.',
]
</script>

<template>
  <article class="trust">
    <h1>How far to trust this</h1>
    <p class="lead">
      Ikuzo computes how heat walks into the meat, 256 times over, each time with a slightly thicker piece, a weaker
      pot, a colder fridge. “Safe in {{ share }} of 100” means that at least {{ share }} of 100 of those cooks reach
      {{ core }} at the coldest spot before the lid opens. Minutes for a thermometer are fewer: the lid opens when most
      are ready, you measure, and what is a little short stands covered and is read again. Below you can check the
      arithmetic, and see what it rests on.
    </p>
    <CalibrationPlot :units="units" />
    <section aria-labelledby="textbook">
      <h2 id="textbook">Our solver against the textbook</h2>
      <CoursePicture />
    </section>
    <section aria-labelledby="energy">
      <h2 id="energy">The heat of {{ cook }}, added up</h2>
      <EnergyBar v-if="energy" :energy="energy" />
      <p v-else-if="error" role="alert">{{ error.message }}</p>
    </section>
    <section v-if="width" aria-labelledby="wide">
      <h2 id="wide">What makes the band so wide</h2>
      <p>
        The middle of {{ cook }} is told as a band, since some things are not known. So much of its width comes from
        each. A ruler on the thickest piece, or the weight of the heaviest, takes most of the first ones away.
      </p>
      <WidthList :shares="width" />
      <template v-if="worth?.length">
        <h3>What knowing more would save here</h3>
        <ul>
          <li v-for="w in worth" :key="w.what">{{ w.text }}</li>
        </ul>
      </template>
    </section>
    <section aria-labelledby="boil">
      <h2 id="boil">What happens at the boil</h2>
      <p>
        Until the water boils, the meat stands in moist air and warms slowly. Then steam drives the air out through the
        valve, and where steam meets cold meat it turns to water and gives off its heat: a cold bird takes nearly all
        that the heater gives, and the curve of the pot bends. The pin rises when the meat’s skin is nearly as hot as
        the steam. After the heater is off it goes the other way: the pot falls slowly, the more water and the more hot
        meat is in it, and the middle of the meat goes on warming.
      </p>
    </section>
    <section aria-labelledby="known">
      <h2 id="known">What we know and what we guess</h2>
      <AssumptionList v-if="assumptions" :assumptions="assumptions" />
    </section>
    <section aria-labelledby="limits">
      <h2 id="limits">Where it ends</h2>
      <ul class="limits">
        <li v-for="limit in limits" :key="limit">{{ limit }}</li>
      </ul>
      <p v-if="version">This is Ikuzo {{ version }}.</p>
    </section>
  </article>
</template>

<style scoped>
.trust {
  max-width: 980px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 26px;
}
h1,
h2 {
  font-family: var(--display);
  font-weight: 560;
  line-height: 1.15;
}
.lead {
  font-size: 1.1rem;
  max-width: 68ch;
  margin: 0;
}
p {
  max-width: 70ch;
  margin: 6px 0 0;
}
.limits {
  padding-left: 1.2em;
  max-width: 70ch;
}
</style>
