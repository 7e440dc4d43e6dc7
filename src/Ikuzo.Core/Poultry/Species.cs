namespace Ikuzo.Core.Poultry;

/// <summary>The three birds.</summary>
public enum Species
{
    /// <summary>Chicken, poussin included.</summary>
    Chicken,

    /// <summary>Turkey.</summary>
    Turkey,

    /// <summary>Duck.</summary>
    Duck,
}

/// <summary>What a cut is of, whatever the bird and the bone.</summary>
public enum Part
{
    /// <summary>Whole bird.</summary>
    Whole,

    /// <summary>Whole bird without backbone, opened flat.</summary>
    Spatchcocked,

    /// <summary>Half a bird.</summary>
    Half,

    /// <summary>Both breasts on the bone, without legs.</summary>
    Crown,

    /// <summary>Breast.</summary>
    Breast,

    /// <summary>Thin slice of breast.</summary>
    Cutlet,

    /// <summary>Inner fillet of the breast.</summary>
    Tender,

    /// <summary>Thigh.</summary>
    Thigh,

    /// <summary>Thigh and drumstick in one piece.</summary>
    Leg,

    /// <summary>Drumstick.</summary>
    Drumstick,

    /// <summary>Wing.</summary>
    Wing,

    /// <summary>Cubes of meat.</summary>
    Diced,

    /// <summary>Balls of minced meat.</summary>
    Meatball,

    /// <summary>Bones for stock.</summary>
    Carcass,

    /// <summary>Neck, skin on.</summary>
    Neck,

    /// <summary>Feet, claws off.</summary>
    Foot,
}
