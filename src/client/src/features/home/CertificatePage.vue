<script setup lang="ts">
/** How each kind of device learns to trust the certificate of this household. */
const kinds = [
  {
    title: 'A phone or tablet that asks “This website is trying to download a configuration profile”',
    steps: [
      'Allow it. Then open the settings: “Profile downloaded” stands at the top. Install it.',
      'In the settings go to General, About, Certificate trust settings, and switch “Ikuzo” on.',
      'Close the browser and open this page again.',
    ],
  },
  {
    title: 'A phone or tablet that saves it as a file',
    steps: [
      'Open the settings and search for “CA certificate” (under Security, Encryption and credentials, Install a certificate).',
      'Choose CA certificate, agree, and pick ikuzo.crt among the downloads.',
      'Close the browser and open this page again.',
    ],
  },
  {
    title: 'A computer',
    steps: [
      'Open the settings of the browser and search for “certificates”; go to Authorities, or to those of the system.',
      'Import ikuzo.crt and let it vouch for websites.',
      'Close the browser and open this page again.',
    ],
  },
]
</script>

<template>
  <article class="certificate">
    <h1>Trust this household once</h1>
    <p>
      What goes between phone and pot is encrypted with a certificate that this household made itself, so your browser
      does not know it. The screen stays awake, alarms ring and Ikuzo opens without the server only when it does.
    </p>
    <p><a class="get" href="/home/certificate.crt" download="ikuzo.crt">Get the certificate</a></p>
    <section v-for="kind in kinds" :key="kind.title">
      <h2>{{ kind.title }}</h2>
      <ol>
        <li v-for="step in kind.steps" :key="step">{{ step }}</li>
      </ol>
    </section>
    <p>It vouches for nothing but this household. Remove it in the same place when you no longer need it.</p>
    <p><router-link :to="{ name: 'let-in' }">Back to the code</router-link></p>
  </article>
</template>

<style scoped>
.certificate {
  max-width: 640px;
  margin: 4vh auto;
  display: grid;
  gap: 14px;
}
h1,
h2 {
  font-family: var(--display);
  font-weight: 560;
  line-height: 1.2;
}
h2 {
  font-size: 1.2rem;
}
.get {
  display: inline-flex;
  align-items: center;
  min-height: 56px;
  padding: 0 22px;
  color: rgb(var(--v-theme-on-primary));
  background: rgb(var(--v-theme-primary));
  border-radius: 10px;
  text-decoration: none;
}
a:not(.get) {
  color: inherit;
}
ol {
  padding-left: 22px;
}
</style>
