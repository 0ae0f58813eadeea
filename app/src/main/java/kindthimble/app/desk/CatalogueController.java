package kindthimble.app.desk;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.order.Orders;
import kindthimble.app.order.PaletteColour;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.design.Design;
import kindthimble.core.design.Pictures;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Measured;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Flavour;
import kindthimble.core.kitchen.Customs;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Layer;
import kindthimble.core.move.Move;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Where;
import kindthimble.core.pour.Allowance;
import kindthimble.core.tint.Gel;
import kindthimble.core.tint.ReferenceGels;
import kindthimble.core.words.Range;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class CatalogueController {
    /** What can be planned: the kinds of moves and cutters, and the shop's numbers with their words and ranges. */
    @GetMapping("/catalogue")
    CatalogueView catalogue() {
        return new CatalogueView(
                Catalogue.of(Move.class),
                Catalogue.of(CutterShape.class),
                Catalogue.parametersOf(ShopSettings.class),
                Arrays.stream(Habit.values()).map(HabitView::of).toList(),
                HouseRecipes.ALL.stream().map(BaseRecipe::key).toList(),
                FIELDS,
                USES,
                ReferenceGels.ALL.stream().map(Gel::key).toList(),
                List.of(Filling.values()),
                CUTTERS_DRAWN,
                TALL_CUTTERS,
                MOVES_DRAWN,
                Flavour.OFFERED,
                new Most(PaletteColour.MOST_COLOURS, Orders.MOST_DESIGNS, Orders.MOST_COOKIES));
    }

    private static final Map<String, String> CUTTERS_DRAWN = Pictures.ofCutters();
    private static final List<String> TALL_CUTTERS = Pictures.ofTallCutters();
    private static final Map<String, List<Layer>> MOVES_DRAWN = Pictures.ofMoves();

    /** What can be typed beside moves and cutters' forms. */
    private static final Map<String, List<Kind.Parameter>> FIELDS = Map.of(
            "design", Catalogue.parametersOf(Design.class),
            "cutter", Catalogue.parametersOf(Cutter.class),
            "joined", Catalogue.parametersOf(Cutter.Joined.class),
            "hole", Catalogue.parametersOf(Cutter.Hole.class),
            "where", Catalogue.parametersOf(Where.class),
            "flat", Catalogue.parametersOf(Allowance.Flat.class),
            "order", Catalogue.parametersOf(OrderDetails.class),
            "customs", Catalogue.parametersOf(Customs.class));

    /** What of a placing each way of it takes. */
    private static final Map<Laid, List<String>> USES = Arrays.stream(Laid.values())
            .collect(Collectors.toMap(
                    laid -> laid,
                    laid -> laid.uses().stream().sorted().toList(),
                    (one, other) -> one,
                    () -> new EnumMap<>(Laid.class)));

    /**
     * @param moves that a design is made of
     * @param cutters their forms
     * @param shop what the shop's page has
     * @param habits every figure of a kitchen
     * @param houseRecipes keys of the base recipes that ship
     * @param fields what can be typed beside moves and forms, by what it belongs to
     * @param laid what each way of placing takes
     * @param referenceGels keys of the gels that ship
     * @param fillings the ways of filling
     * @param cuttersDrawn outline of each form, 80 mm wide about the origin
     * @param tallCutters words of those that are longer than wide, and so measured by their height
     * @param movesDrawn what each move looks like on a small cookie, in the colours {@code mark} and {@code ground}
     * @param flavours that a colour can be given; any other can be typed
     * @param most how much an order holds
     */
    record CatalogueView(
            List<Kind> moves,
            List<Kind> cutters,
            List<Kind.Parameter> shop,
            List<HabitView> habits,
            List<String> houseRecipes,
            Map<String, List<Kind.Parameter>> fields,
            Map<Laid, List<String>> laid,
            List<String> referenceGels,
            List<Filling> fillings,
            Map<String, String> cuttersDrawn,
            List<String> tallCutters,
            Map<String, List<Layer>> movesDrawn,
            List<Flavour> flavours,
            Most most) {}

    /**
     * How much an order holds.
     *
     * @param colours of its palette
     * @param designs on its tray
     * @param cookies of one design
     */
    record Most(int colours, int designs, int cookies) {}

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
