// One break each: the part between « and » becomes the other. Core only; one line that a tired hand could write.
// One that cannot be noticed says why.
const b = (name, file, at, to, why) => ({ name, file, at, to, why })

/** Constants that are made of a broken one. */
export const statics = [['Safety/SafetyRule.cs', 'ShareBelow']]

export const breaks = [
  // Safety
  b('74 °C → 72', 'Safety/SafetyRule.cs', 'CoreCelsius = «74»', '72'),
  b('99 → 95 of 100', 'Safety/SafetyRule.cs', 'ShareSafe = «0.99»', '0.95'),
  b('danger zone ends at 50 °C', 'Safety/SafetyRule.cs', 'HotHoldingCelsius = «60»', '50'),
  b('danger zone begins at 10 °C', 'Safety/SafetyRule.cs', 'ColdHoldingCelsius = «5»', '10'),
  b('four hours out', 'Safety/SafetyRule.cs', 'MostHoursOut = «2»', '4'),
  b('two hours out in heat', 'Safety/SafetyRule.cs', 'MostHoursOutInHeat = «1»', '2'),
  b('a hot room is 38 °C', 'Safety/SafetyRule.cs', 'HotRoomCelsius = «32»', '38'),
  b(
    'share counts those just under',
    'Safety/SafetyRule.cs',
    '«IsReached(celsius)» ? 1 : 0',
    'celsius >= CoreCelsius - 1',
  ),
  b('D60 a tenth', 'Physics/Kinetics.cs', 'SalmonellaD60Seconds = «35.0 * 60 / 7»', '35.0 * 6 / 7'),
  b('altitude forgotten', 'Planning/ModelBuilder.cs', 'AltitudeMetres = «request.AltitudeMetres»', '0'),
  // Plan
  b('correction loop of the plan off', 'Planning/Planner.cs', 'MostCorrections = «5»', '0'),
  b(
    'correction loop of the dish off',
    'Dishes/Finishing.cs',
    'MostCorrections = «6»',
    '0',
    'the cautious scout behind the windows was never too short in 1,120 dishes; without the loop a dish would be refused, not unsafe',
  ),
  b('band shows another quantile', 'Planning/MinuteBand.cs', 'Quantiles.Of(coldest, «SafetyRule.ShareBelow»)', '0.05'),
  b(
    'plan shows another quantile',
    'Planning/PlanReport.cs',
    'Down(Quantiles.Of(sorted, «SafetyRule.ShareBelow»))',
    '0.05',
  ),
  b(
    'kill of germs shows the median',
    'Planning/PlanReport.cs',
    'Quantiles.Sorted(run.LogReduction), «SafetyRule.ShareBelow»)',
    '0.5',
  ),
  b('eating time at the median', 'Planning/PlanReport.cs', 'After(«total.P95» + rest)', 'total.P50'),
  b('unsafe school called safe', 'Planning/Schools.cs', '«!outcome.IsSafe» ? SchoolVerdict.Short', 'false'),
  b('overlap not thickened', 'Planning/ModelBuilder.cs', 'OverlapThickening = «1.35»', '1.0'),
  b('lump never thickened', 'Planning/ModelBuilder.cs', 'MostLumpThickening = «2»', '1.35'),
  b('pile not seen', 'Planning/ModelBuilder.cs', 'MostLooseLayers = «2.5»', '25'),
  b('ice forgotten', 'Planning/ModelBuilder.cs', 'Frozen = «load.State == MeatState.Frozen»', 'false'),
  // Release
  b('bursts 110 → 80 s', 'Cooking/Release.cs', 'PulsedTauSeconds = «110»', '80'),
  b(
    'spurting not seen',
    'Planning/ReleaseChoice.cs',
    'Spurts(PlanRequest request) => «request.Companions.Any(c => c.Spurts)»',
    'false',
  ),
  b('soup not seen', 'Planning/ReleaseChoice.cs', 'SoupShare = «0.3»', '0.6'),
  b(
    'spurting rescue vented',
    'Running/Rescue/RescuePlanner.cs',
    ': «ReleaseChoice.Spurts(request.Plan)» && request',
    'false',
  ),
  // Liquid and room
  b(
    'too little liquid goes',
    'Planning/PotWarnings.cs',
    '* «r.Pot.MinimumLiquidMl - 0.5»',
    'r.Pot.MinimumLiquidMl / 2',
  ),
  b('half mark not counted', 'Filling/LiquidBudget.cs', 'Math.Round(«swells» ? filled.Pot.HalfLitres', 'false'),
  b(
    'bowl counts as in the liquid',
    'Filling/LiquidBudget.cs',
    '«filled.Companions.Where(c => !c.InBowl)».Sum(c => c.Grams) / 1000',
    'filled.Companions',
  ),
  b('grain drinks nothing', 'Filling/LiquidBudget.cs', 'absorbed = «filled.Companions.Sum(c => c.AbsorbsMl)»', '0'),
  b('steam lost is nothing', 'Filling/LiquidBudget.cs', 'Math.Max(0, filled.Liquid + given - absorbed - «steam»)', '0'),
  b(
    'pot holds half as much again',
    'Filling/Capacity.cs',
    'Litres(filled) > «filled.Pot.CapacityLitres»',
    'filled.Pot.CapacityLitres * 1.5',
  ),
  b('bird gives a fifth', 'Filling/Fit.cs', 'Soft = «1.06»', '1.2'),
  b('no room below the lid', 'Filling/Fit.cs', 'LeastClearanceMetres = «0.010»', '-0.02'),
  b('rack forgotten', 'Filling/Fit.cs', '«filled.Load.Placement == Placement.Rack» ? filled.Pot.RackMetres', 'false'),
  // Rescue
  b('margin of the lump dropped', 'Running/Rescue/RescuePlanner.cs', 'SeparatedMarginKelvin = «3»', '0'),
  b(
    'done though a reading is short',
    'Running/Rescue/RescuePlanner.cs',
    '&& «request.NewestReadings.All(r => r.IsSafe)»',
    'true',
  ),
  b(
    'done though the belief is short',
    'Running/Rescue/RescuePlanner.cs',
    'return «SafetyRule.IsReached(likely, lowest.Scale)»',
    'true',
  ),
  b('belief never widened', 'Running/Rescue/RescuePlanner.cs', 'LeastEffectiveCount = «24»', '0'),
  b('thick liquid under pressure', 'Running/Rescue/RescuePlanner.cs', 'method = «request.LiquidIsThick» ?', 'false'),
  b(
    'tail of the belief dropped',
    'Running/Rescue/Belief.cs',
    '«Math.Min(Quantile(values, share), mean + Physics.NormalQuantile.Of(share) * Math.Sqrt(square))»',
    'Quantile(values, share)',
  ),
  b('a probe never reads too hot', 'Running/Rescue/ProbeReading.cs', 'TooHotKelvin = «2.0»', '0.5'),
  b(
    'halves of the probe exchanged',
    'Running/Rescue/ProbeReading.cs',
    'error / («error > 0» ? TooHotKelvin',
    'error < 0',
  ),
  b('lid back in no time', 'Running/Rescue/OpenedPot.cs', 'RecloseMinutes = «0.5»', '0'),
  b(
    'thermometer corrected upwards',
    'Running/Rescue/ThermometerCheck.cs',
    'Correct(double celsius) => «Math.Min(celsius, Line(celsius))»',
    'Line(celsius)',
  ),
  // Journal
  b(
    'two hours start again',
    'Running/Journal/CookFold.cs',
    'Now.OpenedAt = at;\n        «_firstOpenedAt ??= at»;',
    '_firstOpenedAt = at',
  ),
  b(
    'recorded rest inverted',
    'Running/Journal/OpenedRounds.cs',
    'return «rested > VentedAtOnceMinutes» ?',
    'rested <= VentedAtOnceMinutes',
  ),
  b(
    'spots unread are done',
    'Running/Journal/CookFold.cs',
    ': «Unread(Now.Readings).Length > 0» ? CookVerdict.MeasureMore',
    'false',
  ),
  b(
    'one meat short, all done',
    'Running/Journal/JointAdvice.cs',
    'return «shorts.Count == 0»',
    'shorts.Count < each.Count',
  ),
  b(
    'quickest meat decides',
    'Running/Journal/JointAdvice.cs',
    'null : «shorts.Max(e => e.Advice.Minutes)»',
    'shorts.Min(e => e.Advice.Minutes)',
  ),
  b(
    'looking in counts as opened',
    'Running/Journal/CookFold.cs',
    'if («Phase == CookPhase.ComingUp || (Phase == CookPhase.Rescuing && !Now.Simmers)»)',
    'false',
  ),
  // Dishes, line-ups, thawing, afterwards
  b(
    'pieces rounded down',
    'Dishes/Scaling.cs',
    '(int)«Math.Ceiling(load.Pieces * factor - 0.01)»',
    'Math.Floor(load.Pieces * factor)',
  ),
  b(
    'a stage without meat fills the pot',
    'Dishes/DishSolver.cs',
    '<= «dish.Pot.CapacityLitres / 2»',
    'dish.Pot.CapacityLitres',
  ),
  b('soupy stage vented', 'Dishes/DishSolver.cs', 'items.«OfType<BesideItem>().Any(b => b.Load.Spurts)»', 'false'),
  b(
    'cold water thaws in half',
    'LineUps/Thawing.cs',
    '«Compute(load, WaterFilm, WaterCelsius)»',
    'Compute(load, WaterFilm, WaterCelsius) / 2',
  ),
  b('rule of cold water halved', 'LineUps/Thawing.cs', 'WaterRuleHoursPerKg = «1»', '0.5'),
  b('rule of the fridge halved', 'LineUps/Thawing.cs', 'FridgeRuleHoursPerKg = «12»', '6'),
  b(
    'shorter thawing counts',
    'LineUps/Thawing.cs',
    'Math.Ceiling(«Math.Max(computed, rule)» * 2)',
    'Math.Min(computed, rule)',
  ),
  b(
    'line-up comes up at the median',
    'LineUps/StageTasks.cs',
    'Math.Ceiling(«stage.ToPressureMinutes.P95»)',
    'stage.ToPressureMinutes.P50',
  ),
  b(
    'line-up releases at the median',
    'LineUps/StageTasks.cs',
    'Math.Ceiling(«stage.ReleaseMinutes.P95»)',
    'stage.ReleaseMinutes.P50',
  ),
  b(
    'waits four hours unwarned',
    'LineUps/Conflicts.cs',
    '«SafetyRule.MostHoursOut * 60»',
    'SafetyRule.MostHoursOut * 120',
  ),
  b('thawed meat keeps four days', 'LineUps/Conflicts.cs', 'MostThawedHours = «48»', '96'),
  b('cold-thawed meat marinated', 'LineUps/Conflicts.cs', 'ThawWay.ColdWater && «request.MarinadeHours > 0»', 'false'),
  b('fridge of three days more', 'Planning/MeatWarnings.cs', '«r.Load.DaysInFridge» switch', 'r.Load.DaysInFridge - 3'),
  b('leftovers tepid in four hours', 'Running/Aftercare/Cooling.cs', 'TepidHours = «2»', '4'),
  b(
    'leftovers cold in ten hours',
    'Running/Aftercare/Cooling.cs',
    'ColdHours = «6»',
    '10',
    'of all depths from 5 to 200 mm none is tepid within two hours and cold only after six: the first limit is always the stricter one',
  ),
]
