package kindthimble.core.kitchen;

import java.util.List;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.icing.Ingredient;
import kindthimble.core.icing.Ingredient.Part;
import kindthimble.core.icing.ThinningCurve;

/**
 * The base recipes that a shop starts with: the four schools, and a looser base of dried egg white that many keep in one tub.
 * Masses are kitchen practice and makers' printed directions, rounded; cups are level US cups. All are for the shop to change.
 */
public final class HouseRecipes {
    private static final double LOOSER_SECONDS = 30;
    private static final ThinningCurve STIFF = new ThinningCurve(Consistency.STIFF_SECONDS, ThinningCurve.PER_GRAM);
    private static final String WEEK = "Keeps covered for a week in the cold; stir it through before use.";
    private static final List<String> EGG = List.of("egg");

    private HouseRecipes() {}

    public static final BaseRecipe MERINGUE_POWDER = new BaseRecipe(
            "meringue-powder",
            "Meringue powder",
            List.of(
                    sugar(454),
                    new Ingredient("meringue powder", Part.POWDER, 30, null, 140.0, EGG, 28.0, 250.0),
                    water(75),
                    new Ingredient("clear vanilla", Part.FLAVOUR, 4, null, 208.0, List.of(), 60.0, 60.0)),
            STIFF,
            WEEK);

    public static final List<BaseRecipe> ALL = List.of(
            MERINGUE_POWDER,
            new BaseRecipe(
                    "fresh-whites",
                    "Fresh whites",
                    List.of(sugar(240), new Ingredient("egg white", Part.EGG_WHITE, 33, 33.0, 243.0, EGG, 9.0, 396.0)),
                    STIFF,
                    "Raw egg white: take pasteurised or dried white for children, in pregnancy and for the frail. Chill it and use it within two days."),
            new BaseRecipe(
                    "dried-egg-white",
                    "Dried egg white",
                    List.of(
                            sugar(500),
                            new Ingredient("dried egg white", Part.POWDER, 15, null, 100.0, EGG, 45.0, 125.0),
                            water(85),
                            lemon(5)),
                    STIFF,
                    WEEK),
            new BaseRecipe(
                    "dried-egg-white-loose",
                    "Dried egg white, looser",
                    List.of(
                            sugar(500),
                            new Ingredient("dried egg white", Part.POWDER, 15, null, 100.0, EGG, 45.0, 125.0),
                            water(111),
                            lemon(5)),
                    new ThinningCurve(LOOSER_SECONDS, ThinningCurve.PER_GRAM),
                    WEEK),
            new BaseRecipe(
                    "ready-mix",
                    "Ready mix",
                    List.of(new Ingredient("icing mix", Part.MIX, 500, null, 120.0, EGG, 8.0, 500.0), water(65)),
                    STIFF,
                    WEEK));

    private static Ingredient sugar(double grams) {
        return new Ingredient("icing sugar", Part.SUGAR, grams, null, 120.0, List.of(), 2.4, 1000.0);
    }

    private static Ingredient water(double grams) {
        return new Ingredient("water", Part.WATER, grams, null, 236.6, List.of(), null, null);
    }

    private static Ingredient lemon(double grams) {
        return new Ingredient("lemon juice", Part.FLAVOUR, grams, null, 244.0, List.of(), 6.0, 200.0);
    }
}
