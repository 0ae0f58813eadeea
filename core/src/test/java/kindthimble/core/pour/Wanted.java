package kindthimble.core.pour;

import java.util.List;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Icing;
import kindthimble.core.testing.Kitchens;

/** What tests want of a pour, said shortly. */
final class Wanted {
    private Wanted() {}

    static final BaseRecipe BASE = HouseRecipes.MERINGUE_POWDER;
    static final Kitchen HOUSE = Kitchens.of(ShopSettings.house(), BASE);

    static Kitchen with(Habit habit, double mean) {
        return HOUSE.with(habit, mean);
    }

    static Demand.Portion portion(double count, double grams, String... tips) {
        return new Demand.Portion(
                new Consistency(count),
                Icing.Vessel.BAG,
                List.of(tips),
                List.of(new Demand.Drink("a", 0, grams, 1, 0, 0, null)));
    }

    static Demand demand(Demand.OfColour... colours) {
        return new Demand(1, 0, List.of(colours));
    }

    static Demand.OfColour colour(String key, Demand.Portion... portions) {
        return new Demand.OfColour(key, 0, List.of(portions));
    }

    static Pour pour(Kitchen kitchen, Pouring.Wishes wishes, Demand demand) {
        return new Pouring(kitchen, new Allowance.Flat(0), wishes).of(demand);
    }

    static Pour pour(Kitchen kitchen, Demand.OfColour... colours) {
        return pour(kitchen, Pouring.Wishes.NONE, demand(colours));
    }
}
