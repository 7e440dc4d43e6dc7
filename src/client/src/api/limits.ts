/** Made from the OpenAPI document by `npm run api`; not edited by hand. */
export const limits = {
  AdaptBody: {
    cut: { longest: 60 },
    pieces: { least: 1, most: 200 },
  },
  AskBody: {
    text: { longest: 300 },
  },
  CompanionBody: {
    id: { longest: 60 },
    grams: { least: 1, most: 5000 },
    measure: { longest: 40 },
  },
  CookIdBody: {
    cookId: { longest: 60 },
  },
  CookReadingBody: {
    clientId: { longest: 60 },
    spot: { longest: 100 },
    celsius: { least: -30, most: 130 },
    piece: { least: 1, most: 60 },
    known: { longest: 40 },
  },
  CourseBody: {
    shapeDimensionality: { least: 1, most: 3 },
    biot: { least: 0.001, most: 10000 },
  },
  DishBody: {
    name: { longest: 80 },
    altitudeMetres: { least: -100, most: 4500 },
    brothMl: { least: 0, most: 10000 },
  },
  DishDocument: {
    format: { longest: 20 },
    version: { least: 1, most: 1000 },
    name: { longest: 80 },
    servings: { least: 1, most: 40 },
    seasoning: { longest: 200 },
    deglazeWith: { longest: 200 },
    sauce: { longest: 200 },
    crispMinutes: { least: 0, most: 60 },
    marinadeHours: { least: 0, most: 48 },
    restMinutes: { least: 0, most: 60 },
    altitudeMetres: { least: -100, most: 4500 },
    brothMl: { least: 0, most: 10000 },
  },
  DishItemBody: {
    key: { longest: 40 },
    id: { longest: 60 },
    grams: { least: 1, most: 5000 },
    ml: { least: 1, most: 10000 },
    measure: { longest: 40 },
    text: { longest: 300 },
    food: { longest: 80 },
    pieces: { least: 0, most: 1000 },
  },
  EventBody: {
    clientId: { longest: 60 },
    known: { longest: 40 },
  },
  EventDataBody: {
    of: { longest: 40 },
    text: { longest: 500 },
    minutes: { least: 0, most: 240 },
    step: { longest: 40 },
    juicy: { least: -2, most: 2 },
    tender: { least: -2, most: 2 },
    nextTime: { longest: 500 },
    rawGrams: { least: 1, most: 20000 },
    cookedGrams: { least: 1, most: 20000 },
  },
  ForgetBody: {
    potId: { longest: 60 },
    cut: { longest: 60 },
  },
  IngredientBody: {
    text: { longest: 300 },
    key: { longest: 40 },
  },
  JobBody: {
    text: { longest: 200 },
    minutes: { least: 1, most: 120 },
  },
  KitchenSettings: {
    name: { longest: 60 },
    altitudeMetres: { least: -100, most: 4500 },
    roomCelsius: { least: 5, most: 45 },
    defaultSchool: { longest: 60 },
    iceCelsius: { least: -10, most: 10 },
    boilingCelsius: { least: 70, most: 115 },
    mostReturns: { least: 0.01, most: 0.5 },
    rawDays: { least: 0.5, most: 2 },
    cookedDays: { least: 1, most: 4 },
  },
  LearnedBody: {
    minutes: { least: 0, most: 240 },
  },
  LetInBody: {
    code: { longest: 20 },
    name: { longest: 40 },
  },
  LineUpBody: {
    dishId: { longest: 60 },
    servings: { least: 1, most: 40 },
    batches: { least: 1, most: 4 },
    timeZone: { longest: 60 },
  },
  LoadBody: {
    cut: { longest: 60 },
    startCelsius: { least: -40, most: 40 },
    pieces: { least: 1, most: 200 },
    totalKg: { least: 0.005, most: 15 },
    thicknessMm: { least: 3, most: 200 },
    heaviestKg: { least: 0.005, most: 15 },
    daysInFridge: { least: 0, most: 60 },
    stoodMinutes: { least: 0, most: 10080 },
  },
  MealBody: {
    crispMinutes: { least: 0, most: 60 },
    marinadeHours: { least: 0, most: 48 },
    restMinutes: { least: 0, most: 60 },
    name: { longest: 80 },
    altitudeMetres: { least: -100, most: 4500 },
    brothMl: { least: 0, most: 10000 },
  },
  MoveBody: {
    clientId: { longest: 60 },
  },
  PotBody: {
    id: { longest: 60 },
    name: { longest: 60 },
    capacityLitres: { least: 1, most: 20 },
    heaterWatts: { least: 200, most: 4000 },
    minimumLiquidMl: { least: 50, most: 2000 },
    highGaugeKpa: { least: 20, most: 120 },
    lowGaugeKpa: { least: 10, most: 100 },
    innerDiameterMm: { least: 80, most: 500 },
    usableHeightMm: { least: 50, most: 500 },
    rackMm: { least: 0, most: 150 },
    fillMarkLitres: { least: 0.3, most: 20 },
    halfMarkLitres: { least: 0.3, most: 20 },
    keepWarmCelsius: { least: 50, most: 85 },
  },
  PreviewBody: {
    altitudeMetres: { least: -100, most: 4500 },
    roomCelsius: { least: 5, most: 45 },
    liquidMl: { least: 0, most: 15000 },
    mostReturns: { least: 0.01, most: 0.5 },
    minutes: { least: 0, most: 240 },
    school: { longest: 60 },
  },
  QuantityBody: {
    text: { longest: 40 },
  },
  ReadingBody: {
    spot: { longest: 60 },
    celsius: { least: -30, most: 130 },
    afterOpeningMinutes: { least: 0, most: 60 },
    coveredMinutes: { least: 0, most: 60 },
  },
  ReadItem: {
    key: { longest: 40 },
    id: { longest: 60 },
    grams: { least: 1, most: 5000 },
    ml: { least: 1, most: 10000 },
    measure: { longest: 40 },
    text: { longest: 300 },
    food: { longest: 80 },
    pieces: { least: 0, most: 1000 },
  },
  ReleaseBody: {
    restMinutes: { least: 0, most: 120 },
  },
  RememberBody: {
    id: { least: 1, most: 1000000000 },
  },
  RescueBody: {
    minutesHeld: { least: 0, most: 240 },
  },
  SavePlanBody: {
    name: { longest: 80 },
  },
  SettledBody: {
    text: { longest: 300 },
    reading: { longest: 100 },
  },
  SimulateBody: {
    speed: { least: 1, most: 120 },
    seed: { least: 0, most: 9007199254740991 },
  },
  StartBody: {
    dishId: { longest: 60 },
    stage: { least: 1, most: 3 },
    openedMinutesAgo: { least: 0, most: 60 },
    name: { longest: 80 },
    storeId: { longest: 60 },
  },
  StoreBody: {
    clientId: { longest: 60 },
    text: { longest: 200 },
    timeZone: { longest: 60 },
    name: { longest: 80 },
    cut: { longest: 60 },
    totalKg: { least: 0.005, most: 15 },
    pieces: { least: 1, most: 200 },
    portions: { least: 0.5, most: 100 },
    ml: { least: 1, most: 15000 },
    cookId: { longest: 60 },
  },
  TastingBody: {
    clientId: { longest: 60 },
    juicy: { least: -2, most: 2 },
    tender: { least: -2, most: 2 },
    nextTime: { longest: 500 },
    rawGrams: { least: 1, most: 20000 },
    cookedGrams: { least: 1, most: 20000 },
  },
  TriedLidBody: {
    kg: { least: 0, most: 15 },
    potLitres: { least: 2, most: 15 },
  },
  UndoBody: {
    clientId: { longest: 60 },
  },
  UsedBody: {
    cookId: { longest: 60 },
    portions: { least: 0.5, most: 200 },
    clientId: { longest: 60 },
  },
  VerifyBody: {
    shapeDimensionality: { least: 1, most: 3 },
    biot: { least: 0.001, most: 10000 },
    fourier: { least: 0.0001, most: 20 },
  },
  WriteInBody: {
    text: { longest: 300 },
    timeZone: { longest: 60 },
  },
} as const

export interface Limit {
  readonly least?: number
  readonly most?: number
  readonly longest?: number
}
