using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Planning;

/// <summary>Reads the quantiles of a plan off its ensemble.</summary>
internal static class PlanReport
{
    public static Plan Of(Answer answer)
    {
        var (request, model, scouted, band, branch, promised, run, follows, beside) = answer;
        var recommended = promised.Of(request.Promise);
        var tenderness = Tenderness(request, run);
        var liquid = Liquid(answer);
        var keeps = request.IsKept(run.Outcome.IsSafe, follows.Readiness.AtFirst, follows.Readiness.AfterRest);
        return new Plan
        {
            Minutes = branch.HoldMinutes,
            Pressure = request.Pressure,
            Release = branch.Release,
            Why = Reasons.Of(request, model, branch, promised.Safe, run, scouted),
            SafeMinimumMinutes = promised.Safe,
            Promise = request.Promise,
            PromiseText = keeps ? PromiseWords.Of(request, run.Outcome.IsSafe, follows) : null,
            KeepsPromise = keeps,
            ReadyAtFirst = Down(follows.Readiness.AtFirst, 4),
            ReadyAfterRest = Down(follows.Readiness.AfterRest, 4),
            ReturnMinutes = follows.ReturnMinutes,
            SureMinutes = request.IsForThermometer && promised.Sure > branch.HoldMinutes ? promised.Sure : null,
            OtherPromise = Other(answer),
            RecommendedMinutes = recommended,
            ChanceSafe = run.Outcome.ShareAtCore,
            ToPressureMinutes = Ninety(run.ToPressureMinutes),
            ReleaseMinutes = Ninety(run.Outcome.ReleaseMinutes),
            TotalMinutes = Ninety(run.Outcome.ElapsedMinutes),
            Clock = Clock(answer),
            HeldCelsius = Round(model.HeldCelsius),
            BoilingCelsius = Round(model.BoilingCelsius),
            ThicknessMm = Round(request.Load.ThicknessMetres * 1000),
            Spots =
            [
                .. request.Load.Cut.Spots.Select(
                    (s, i) => new SpotOutcome(s.Id, s.Where, NinetyEight(run.Outcome.SpotCelsius[i]), NinetyEight(run.PeakCelsius[i]))
                ),
            ],
            WaterLossPercent = Ninety(follows.WaterLoss(run.Outcome.WaterLossPercent)),
            FlashLossPercent = new MedianOnly(Median(run.Outcome.FlashPercent)),
            Tenderness = tenderness,
            Log10Reduction = new LowOnly(
                Round(Math.Min(Physics.Kinetics.LogReductionCap, Quantiles.Of(Quantiles.Sorted(run.LogReduction), SafetyRule.ShareBelow)))
            ),
            DangerZoneMinutesP95 = Ninety(run.DangerMinutes).P95,
            Curve = Curve(run),
            Band =
            [
                .. band.Points.Select(p =>
                    Rounded(p) with
                    {
                        Keeps = request.IsKept(SafetyRule.Holds(p.ChanceSafe), p.ReadyAtFirst, p.ReadyAfterRest),
                    }
                ),
            ],
            Liquid = liquid,
            Beside = beside.At(branch.HoldMinutes),
            Yield = MeatYield.Of(request.Load, Median(run.Outcome.WaterLossPercent), branch.HoldMinutes),
            Fit = Fit.Of(request, request.Units),
            Picture = PotPicture.Of(request, liquid.AtEndMl.P50),
            // The ensemble has the last word on the release that it computed.
            Releases = [.. scouted.Select(s => Option(s.Of(request.Promise), s.Release == branch.Release ? recommended : null))],
            Warnings =
            [
                .. Mends
                    .Added(
                        request,
                        AfterComputing(answer, keeps, tenderness).Concat(Warnings.Of(request)),
                        answer.Promised.Of(request.Promise)
                    )
                    .OrderBy(w => w.Level),
            ],
        };
    }

    public static ReleaseOption Option(ScoutedRelease scouted, double? computed = null) =>
        new(
            scouted.Release,
            computed ?? scouted.Minutes,
            Round(scouted.TotalMinutes),
            Round(scouted.ReleaseMinutes),
            Round(scouted.WaterLossPercent)
        );

    private static OtherPromise? Other(Answer answer)
    {
        var (request, _, _, band, branch, promised, run, _, _) = answer;
        var other = request.Promise == Promise.Sure ? Promise.Measured : Promise.Sure;
        if (promised.Of(other) is not { } minutes || minutes == promised.Of(request.Promise))
        {
            return null;
        }

        var (there, here) = (band.At(minutes), band.At(branch.HoldMinutes));
        return new(
            other,
            minutes,
            branch.Release,
            Down(there.ReadyAtFirst, 4),
            Round(there.WaterLossP50),
            Round(Ninety(run.Outcome.ElapsedMinutes).P50 + minutes - branch.HoldMinutes),
            PromiseWords.Other(other, minutes, there.ReadyAtFirst, there.WaterLossP50 - here.WaterLossP50)
        );
    }

    private static IEnumerable<Warning> AfterComputing(Answer answer, bool keeps, TendernessOutcome tenderness)
    {
        var (request, run) = (answer.Request, answer.Run);
        var safe = answer.Promised.Safe;
        if (!keeps)
        {
            yield return Warnings.TooShort(
                run.Outcome.ShareAtCore,
                NinetyEight(run.Outcome.Coldest),
                answer.Promised.Of(request.Promise) is { } least && request.IsForThermometer ? least : safe,
                new Wording(request.Units)
            );
        }

        if (tenderness.Index > request.Load.Cut.Window.Greatest(request.WantedAim))
        {
            yield return Warnings.PastWindow(request, tenderness, safe);
        }

        var danger = Ninety(run.DangerMinutes).P95;
        if (danger > FoodRules.ThroughTheDangerZone.Hours * 60)
        {
            yield return Warnings.SlowThroughDanger(danger, new Wording(request.Units));
        }
    }

    private static TendernessOutcome Tenderness(PlanRequest request, DetailedRun run)
    {
        var index = Median(run.Outcome.Tenderness);
        return new TendernessOutcome(
            index,
            Median(run.TendernessAtCore),
            Reasons.Label(request.Load.Cut, request.WantedAim, index - request.Learned.Softer) // as this household likes it
        );
    }

    private static CookClock? Clock(Answer answer)
    {
        var (request, _, _, _, branch, _, run, follows, _) = answer;
        if (request.LidOnAt is not { } lidOn)
        {
            return null;
        }

        var pressure = Ninety(run.ToPressureMinutes).P50;
        var total = Ninety(run.Outcome.ElapsedMinutes);
        var rest = KitchenTimes.RestMinutes(request.Load);
        var late = request.IsForThermometer ? follows.LateMinutes(run.Outcome.ElapsedMinutes, request.Load) : total.P95 + rest;
        if (request.EatAt?.AddMinutes(-Math.Ceiling(late)) is { } begin && begin > lidOn)
        {
            lidOn = begin;
        }

        DateTimeOffset After(double minutes) => lidOn.AddSeconds(Math.Round(minutes * 60));
        return new CookClock(lidOn, After(pressure), After(pressure + branch.HoldMinutes), After(total.P50), After(late), rest);
    }

    private static LiquidOutcome Liquid(Answer answer) =>
        LiquidBudget.Of(
            answer.Request,
            Median(answer.Run.Outcome.WaterLossPercent) - Median(answer.Run.Outcome.FlashPercent),
            [.. answer.Band.Points.Select(p => (p.Minutes, p.WaterLossP50))],
            answer.Branch.HoldMinutes,
            answer.Beside.DrunkMl,
            Median(answer.Run.Outcome.SteamMl)
        );

    private static HeatCurve Curve(DetailedRun run)
    {
        double[] Points() => new double[run.Points];
        double[] minutes = Points(),
            pot = Points(),
            p01 = Points(),
            p50 = Points(),
            p99 = Points(),
            surface = Points();
        InParallel.For(
            run.Points,
            i =>
            {
                minutes[i] = i * run.CurveStepMinutes;
                pot[i] = Round(SparseMedian(run.PotAt(i)));
                surface[i] = Round(SparseMedian(run.SurfaceAt(i)));
                var coldest = run.ColdestAt(i);
                p01[i] = Round(Quantiles.Among(coldest, SafetyRule.ShareBelow));
                p50[i] = Round(Quantiles.Among(coldest, 0.5));
                p99[i] = Round(Quantiles.Among(coldest, 0.99));
            }
        );
        return new HeatCurve(minutes, pot, new CurveBand(p01, p50, p99), surface);
    }

    // Every fourth particle is enough for a median that is only drawn.
    private static double SparseMedian(ReadOnlySpan<float> values)
    {
        const int Every = 4;
        Span<float> some = stackalloc float[values.Length / Every];
        for (var i = 0; i < some.Length; i++)
        {
            some[i] = values[i * Every];
        }

        return Quantiles.Among(some, 0.5);
    }

    internal static Spread90 Ninety(float[] values)
    {
        var sorted = Quantiles.Sorted(values);
        return new Spread90(Round(Quantiles.Of(sorted, 0.05)), Round(Quantiles.Of(sorted, 0.5)), Round(Quantiles.Of(sorted, 0.95)));
    }

    private static Spread98 NinetyEight(float[] values)
    {
        var sorted = Quantiles.Sorted(values);
        return new Spread98(
            Down(Quantiles.Of(sorted, SafetyRule.ShareBelow)),
            Round(Quantiles.Of(sorted, 0.5)),
            Round(Quantiles.Of(sorted, 0.99))
        );
    }

    private static BandPoint Rounded(BandPoint p) =>
        new(
            p.Minutes,
            Down(p.ChanceSafe, 4),
            Down(p.ColdestP01),
            Round(p.ColdestP50),
            Round(p.WaterLossP50),
            Round(p.Tenderness, 3),
            Down(p.ReadyAtFirst, 4),
            Down(p.ReadyAfterRest, 4)
        );

    internal static double Median(float[] values) => Round(Quantiles.Of(Quantiles.Sorted(values), 0.5), 3);

    private static double Round(double value, int digits = 2) => Math.Round(value, digits);

    // What says "safe" is only ever rounded down.
    private static double Down(double value, int digits = 2) => Math.Floor(value * Math.Pow(10, digits)) / Math.Pow(10, digits);
}

/// <summary>Everything that a plan is read from.</summary>
internal sealed record Answer(
    PlanRequest Request,
    CookModel Model,
    IReadOnlyList<ScoutedRelease> Scouted,
    MinuteBand Band,
    Branch Branch,
    PromisedMinutes Promised,
    DetailedRun Run,
    Continuation Follows,
    BesideCurves Beside
);
