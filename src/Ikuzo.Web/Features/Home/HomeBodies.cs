using Ikuzo.Web.Errors;

namespace Ikuzo.Web.Features.Home;

/// <summary>A code is wanted.</summary>
/// <param name="IsGuest">True for who only sees when dinner is.</param>
public sealed record CodeBody(bool IsGuest = false);

/// <summary>A code for one device.</summary>
/// <param name="Code">Eight digits; null where phones may not come in.</param>
/// <param name="Until">Until when it is good.</param>
/// <param name="Address">What the phone opens.</param>
/// <param name="Picture">The same as squares for its camera, an SVG.</param>
public sealed record CodeView(string Code, DateTimeOffset Until, string Address, string Picture);

/// <summary>A device wants to come in.</summary>
/// <param name="Code">The code.</param>
/// <param name="Name">What the household calls the device.</param>
public sealed record LetInBody(
    [property: Needed, Longest(20), PlainText] string? Code,
    [property: Needed, Longest(40), PlainText] string? Name
);

/// <summary>The house: who may come in, and how.</summary>
/// <param name="IsOpen">True where phones may come in.</param>
/// <param name="Address">How they reach this server; null where none may.</param>
/// <param name="HasCertificate">True where phones first trust the certificate of this household.</param>
/// <param name="Devices">Who was let in.</param>
/// <param name="Asking">Id of the one that asks; null for the machine itself.</param>
/// <param name="MayKeep">True where the one that asks may let others in, and bring backups back.</param>
/// <param name="IsHere">True for the machine itself, which alone makes keepers.</param>
public sealed record HomeView(
    bool IsOpen,
    string? Address,
    bool HasCertificate,
    IReadOnlyList<Device> Devices,
    string? Asking,
    bool MayKeep,
    bool IsHere
);

/// <summary>A phone becomes keeper, or is none any more.</summary>
/// <param name="IsKeeper">True for a keeper.</param>
public sealed record KeeperBody([property: Needed] bool? IsKeeper);

/// <summary>When dinner is.</summary>
/// <param name="Kitchen">Name of the kitchen.</param>
/// <param name="Dinners">What is in the pot, the next first.</param>
public sealed record DinnerView(string Kitchen, IReadOnlyList<Dinner> Dinners);

/// <summary>Something in the pot.</summary>
/// <param name="Name">What it is.</param>
/// <param name="At">About when it is on the table; null while nobody can say.</param>
public sealed record Dinner(string Name, DateTimeOffset? At);
