namespace Ikuzo.Core.Cooking;

/// <summary>Where the heat of a nominal cook went, from lid-on until the lid may be opened, J.</summary>
/// <param name="Heater">Put in by the heater.</param>
/// <param name="Meat">Taken up by the meat, less what its juice has taken out of it again.</param>
/// <param name="Pot">Stored in pot, liquid and companions, from room temperature.</param>
/// <param name="Losses">Lost to the kitchen.</param>
/// <param name="Steam">Carried off by steam, before the valve closes and when it is opened.</param>
public sealed record EnergyBalance(double Heater, double Meat, double Pot, double Losses, double Steam)
{
    /// <summary>What does not add up, as a share of the heater's heat. Under 0.005 by the tests.</summary>
    public double ResidualShare => (Heater - Meat - Pot - Losses - Steam) / Heater;

    /// <summary>Runs the nominal cook and adds up.</summary>
    /// <param name="model">A cook that reaches pressure.</param>
    /// <param name="branch">Minutes held and release.</param>
    public static EnergyBalance Of(CookModel model, Branch branch)
    {
        var block = Ensemble.Rent();
        block.Load(model, ParticleSource.Nominal, 0);
        block.ComeUp();
        block.Hold(branch.HoldMinutes * 60);
        block.Let(branch.Release);
        var ledger = block.Energy;
        var pot = block.PotCapacity[0] * (block.PotCelsius[0] - model.RoomCelsius);
        var balance = new EnergyBalance(
            ledger.Heater[0],
            ledger.Meat[0] - ledger.Juice[0],
            pot,
            ledger.Losses[0],
            ledger.Purge[0] + ledger.Steam[0]
        );
        Ensemble.Return(block);
        return balance;
    }
}
