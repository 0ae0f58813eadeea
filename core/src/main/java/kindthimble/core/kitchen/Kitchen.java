package kindthimble.core.kitchen;

import kindthimble.core.colour.Palette;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;

/**
 * All that a design is measured with besides itself, and a set poured: the one way in which numbers come into the rules.
 *
 * @param shop what the shop has set, its habits with it; the flood and the margin of an order or a design stand among those
 * @param recipe the base
 * @param palette how the order's colours look, to tell dark from light
 * @param filling how outlines and floods are carried out
 */
public record Kitchen(ShopSettings shop, BaseRecipe recipe, Palette palette, Filling filling) {
    /**
     * The shop's kitchen, for one order.
     *
     * @param floodSeconds the order's flood, 2 to 30; null for the shop's
     * @param filling the order's; null for the shop's
     */
    public static Kitchen of(
            ShopSettings shop, BaseRecipe recipe, Double floodSeconds, Palette palette, Filling filling) {
        Kitchen kitchen = new Kitchen(shop, recipe, palette, filling == null ? shop.filling() : filling);
        return kitchen.with(Habit.FLOOD_COUNT_SECONDS, floodSeconds)
                .fuller(kitchen.mean(kitchen.filling().coats()));
    }

    /** A house kitchen whose colours are not known. */
    public static Kitchen house() {
        return of(ShopSettings.house(), HouseRecipes.MERINGUE_POWDER, null, Palette.UNKNOWN, null);
    }

    public Habits habits() {
        return shop.habits();
    }

    /** A figure, in the habit's unit. */
    public double mean(Habit habit) {
        return shop.habits().mean(habit);
    }

    /** The same with one figure otherwise; with null as it is. */
    public Kitchen with(Habit habit, Double mean) {
        return mean == null ? this : new Kitchen(shop.with(habit, mean), recipe, palette, filling);
    }

    /**
     * The same with coats that many times as full, as a hand has shown that it ices them; within what a coat can be. Where cookies are dipped, so are
     * dips.
     *
     * @param times over 0
     */
    private Kitchen fuller(double times) {
        Kitchen fuller = with(Habit.COAT_MM, scaled(Habit.COAT_MM, times))
                .with(Habit.COAT_MM_PER_SECOND, scaled(Habit.COAT_MM_PER_SECOND, times));
        return filling == Filling.DIP ? fuller.with(Habit.DIP_MM, scaled(Habit.DIP_MM, times)) : fuller;
    }

    private double scaled(Habit habit, double times) {
        return Math.max(habit.range().least(), Math.min(habit.range().most(), mean(habit) * times));
    }

    /** The same with another base. */
    public Kitchen with(BaseRecipe other) {
        return new Kitchen(shop, other, palette, filling);
    }

    /** The same with colours that look otherwise. */
    public Kitchen with(Palette other) {
        return new Kitchen(shop, recipe, other, filling);
    }

    /** The same with another way of filling; with null as it is. */
    public Kitchen with(Filling other) {
        return other == null ? this : new Kitchen(shop, recipe, palette, other);
    }
}
