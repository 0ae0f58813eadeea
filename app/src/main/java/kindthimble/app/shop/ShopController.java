package kindthimble.app.shop;

import java.util.Arrays;
import java.util.List;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Measured;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.move.Move;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class ShopController {
    private final ShopService shop;

    ShopController(ShopService shop) {
        this.shop = shop;
    }

    @GetMapping("/shop")
    ShopService.ShopView shop() {
        return shop.view();
    }

    @PutMapping("/shop")
    ShopService.ShopView save(@RequestBody ShopService.ShopView wanted) {
        if (wanted.settings() == null) {
            throw new Refused("settings", "Send the shop's numbers.");
        }
        return shop.save(wanted);
    }

    /** What can be planned: the kinds of moves and cutters, and the shop's numbers with their words and ranges. */
    @GetMapping("/catalogue")
    CatalogueView catalogue() {
        return new CatalogueView(
                Catalogue.of(Move.class),
                Catalogue.of(CutterShape.class),
                Catalogue.parametersOf(ShopSettings.class),
                Arrays.stream(Habit.values()).map(HabitView::of).toList(),
                HouseRecipes.ALL.stream().map(BaseRecipe::key).toList());
    }

    record CatalogueView(
            List<Kind> moves,
            List<Kind> cutters,
            List<Kind.Parameter> shop,
            List<HabitView> habits,
            List<String> houseRecipes) {}

    /**
     * A figure of the kitchen.
     *
     * @param habit its name
     * @param chapter where it belongs
     * @param word as it stands on the page
     * @param says what it does
     * @param unit written behind the number; empty for plain counting
     * @param whole whether it counts pieces
     * @param least smallest number allowed
     * @param most largest number allowed
     * @param house what the house says
     */
    record HabitView(
            Habit habit,
            Habit.Chapter chapter,
            String word,
            String says,
            String unit,
            boolean whole,
            double least,
            double most,
            Measured house) {
        static HabitView of(Habit habit) {
            Range range = habit.range();
            return new HabitView(
                    habit,
                    habit.chapter(),
                    range.word(),
                    habit.says(),
                    range.unit().sign(),
                    habit.isWhole(),
                    range.least(),
                    range.most(),
                    habit.house());
        }
    }
}
