package kindthimble.core.habit;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.design.Measuring;
import kindthimble.core.design.Seeing;
import kindthimble.core.dough.Dough;
import kindthimble.core.dough.DoughRecipe;
import kindthimble.core.dough.Rolled;
import kindthimble.core.geometry.Across;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.TraysDry;
import kindthimble.core.mark.Frill;
import kindthimble.core.mark.Pieces;
import kindthimble.core.move.Airbrush;
import kindthimble.core.move.Dab;
import kindthimble.core.move.Dip;
import kindthimble.core.move.Division;
import kindthimble.core.move.Dot;
import kindthimble.core.move.Finish;
import kindthimble.core.move.Inlay;
import kindthimble.core.move.Line;
import kindthimble.core.move.Marker;
import kindthimble.core.move.Move;
import kindthimble.core.move.Paint;
import kindthimble.core.move.Piece;
import kindthimble.core.move.RaisedFill;
import kindthimble.core.move.Ruffle;
import kindthimble.core.move.SecondFlood;
import kindthimble.core.move.Spatula;
import kindthimble.core.move.Sprinkle;
import kindthimble.core.move.Stack;
import kindthimble.core.move.Stripe;
import kindthimble.core.move.Transfer;
import kindthimble.core.move.Wait;
import kindthimble.core.placing.Where;
import kindthimble.core.pour.Allowance;
import kindthimble.core.pour.CommonBowls;
import kindthimble.core.pour.CookieSet;
import kindthimble.core.pour.Demand;
import kindthimble.core.pour.Jar;
import kindthimble.core.pour.Joining;
import kindthimble.core.pour.LettingDown;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.Pour;
import kindthimble.core.pour.Pouring;
import kindthimble.core.pour.Shopping;
import kindthimble.core.pour.Tally;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import kindthimble.core.tint.Gel;
import kindthimble.core.tint.Mixture;
import kindthimble.core.tint.ReferenceGels;
import kindthimble.core.tint.TintRecipe;
import kindthimble.core.tint.TintSolver;
import kindthimble.core.tint.WhiteIcing;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;
import kindthimble.core.work.WetRehearsal;
import kindthimble.core.work.WorkList;
import org.junit.jupiter.api.Test;

/** Every figure of the kitchen is in its range, says what it does, and changes something. */
class EveryHabitTest {
    private static final Palette PALETTE = new Palette(Map.of(
            "navy", Lab.ofHex("#2A3E6C"),
            "mist", Lab.ofHex("#8FADC8"),
            "haze", Lab.ofHex("#8DAAC4"),
            "white", Lab.ofHex("#F6F6F0"),
            "rose", Lab.ofHex("#E8A0B4")));
    private static final List<List<Move>> COOKIES = List.of(
            List.of(Moves.outline("mist"), Moves.flood("mist"), Moves.line("navy")),
            List.of(
                    new Division.Bands("a", null, 3, null),
                    Moves.flood("mist", "a1", null),
                    Moves.flood("haze", "a2", null),
                    Moves.flood("white", "a3", null),
                    Moves.writing("navy", "Kite", 9)),
            List.of(
                    Moves.flood("white"),
                    dots(Dot.Size.SMALL, 2),
                    dots(Dot.Size.MEDIUM, 2),
                    dots(Dot.Size.LARGE, 3),
                    new Stripe("rose", null, null, 3, null, null, null, null, null, 2, null, null),
                    new Sprinkle("rose", Sprinkle.What.CANDIES, 4, null, null),
                    new Sprinkle("rose", Sprinkle.What.SPRINKLES, 4, null, null),
                    new Sprinkle("rose", Sprinkle.What.SUGAR, 4, null, null)),
            List.of(
                    Moves.flood("white"),
                    Moves.beads("rose", 3),
                    Moves.beads("rose", 5),
                    new Line("rose", Where.alongEdge(null, null, 8.0), null, null, Wait.FIRM, Finish.SUGARED, null),
                    new Dab("mist", Wait.HALF_DRY, null),
                    piece(Pieces.PieceKind.LEAF),
                    piece(Pieces.PieceKind.ROSETTE),
                    piece(Pieces.PieceKind.STAR),
                    piece(Pieces.PieceKind.FLOWER),
                    piece(Pieces.PieceKind.PETAL)),
            List.of(
                    Moves.flood("white"),
                    new Ruffle("rose", Frill.Border.RUFFLE, null, null, null, null),
                    new Ruffle("mist", Frill.Border.BRUSH_EMBROIDERY, null, null, null, null),
                    new Airbrush("rose", null),
                    Moves.stencil("navy", 30),
                    new Paint("rose", Paint.What.PAINT, 40.0, null, null),
                    Moves.beads("rose", 2),
                    new Paint("rose", Paint.What.DUST, null, Where.on("bead border"), null),
                    new RaisedFill("rose", null, null, null, null, null, null, null, null, null),
                    new SecondFlood("rose", null, null, null, 30.0, null, null, null, Wait.FIRM, null),
                    new Marker("navy", Marker.Drawn.EDGE, null, null, null, null, null, null, null, null)),
            List.of(
                    Moves.flood("white"),
                    Moves.transfer("rose", SmallForm.HEART, 12, 4),
                    Moves.transfer("mist", SmallForm.HEART, 3.2, 3),
                    Catalogue.with(
                            Moves.transfer("navy", SmallForm.BOW, 14, 1), "standing", Transfer.Standing.STANDING),
                    new Stack("navy", null, null, 20, 1, null, null)),
            List.of(
                    new Inlay("a", null, null, "M0 0H40V18H60V22H40V40H0Z", 50, null, null),
                    Moves.flood("mist", "a1", null)),
            List.of(Moves.flood("white"), new Dot("rose", 3, null, 4.0, null, 25.5, null, null, null)),
            List.of(new Dip("mist", "navy", null, null, null)),
            List.of(new Spatula("rose", null, null, null, null)),
            List.of(new Spatula("rose", Spatula.Surface.PRESSED, null, null, null), Moves.line("navy")));

    private static Dot dots(Dot.Size size, int pieces) {
        return new Dot("rose", pieces, size, null, null, null, null, null, null);
    }

    private static Piece piece(Pieces.PieceKind kind) {
        return new Piece("navy", kind, 2, 9, null, null, null);
    }

    private static Kitchen kitchen(Habits habits) {
        Kitchen house = Kitchens.of(PALETTE);
        return new Kitchen(house.shop().with(habits), house.recipe(), PALETTE, house.filling());
    }

    /** All that a decorator sees of a cookie in a kitchen with these figures. */
    private static String cookie(List<Move> moves, Habits habits) {
        Kitchen kitchen = kitchen(habits);
        StringBuilder seen = new StringBuilder();
        try {
            Cookie cookie = new Measuring(kitchen).measure(design(moves));
            cookie.marks()
                    .forEach(on -> seen.append(on.mark().gate())
                            .append(on.mark().volumeMm3())
                            .append(on.mark().grams(kitchen.recipe()))
                            .append(on.mark().icing())
                            .append(on.mark().supplies())
                            .append(on.mark().ahead())
                            .append(on.mark().slices(0)));
            cookie.cautions().forEach(caution -> seen.append(caution.sentence()));
            seen.append(cookie.passes())
                    .append(cookie.layers().hashCode())
                    .append(cookie.handSeconds())
                    .append(Seeing.of(cookie, kitchen).alike());
        } catch (Refused refused) {
            seen.append(refused.getMessage());
        }
        return seen.toString();
    }

    private static Design design(List<Move> moves) {
        return Moves.round(70, null, moves.toArray(new Move[0]));
    }

    /** All that she sees of the pour of cookies that the house has measured. */
    private static String pour(Habits habits, boolean tinted) {
        Kitchen kitchen = kitchen(habits);
        Pouring pouring = new Pouring(
                kitchen,
                new Allowance.Risk(0.02),
                new Pouring.Wishes(
                        Set.of("navy"),
                        List.of(new Jar("1", "white", 20, 15)),
                        Map.of("white", 0.0, "navy", 0.01, "mist", 0.005),
                        Map.of("mist", new Pouring.LetDown("navy", 0.3))));
        UnaryOperator<String> apart = UnaryOperator.identity();
        Pour pour = pouring.of(demand(12, kitchen, apart));
        // Whole boxes, packs and sheets show only in numbers of some size.
        Pour much = pouring.of(demand(400, kitchen, apart));
        StringBuilder seen = new StringBuilder();
        seen.append(pour)
                .append(much.batchCaution())
                .append(MixingOrder.of(pour, kitchen))
                .append(Joining.of(
                        pour,
                        kitchen,
                        (from, into) -> pouring.of(demand(12, kitchen, key -> key.equals(from) ? into : key))))
                .append(Shopping.of(much, kitchen, Map.of()))
                .append(Shopping.supplies(much.supplies(), Map.of(), key -> key, kitchen.habits()))
                .append(Jar.bowlFor(Lab.ofHex("#F0F0E8"), PALETTE, kitchen.habits()))
                .append(CommonBowls.of(List.of(order("1", "#F6F6F0"), order("2", "#F4F4EF")), kitchen.habits())
                        .bowls());
        if (tinted) {
            tints(pour, kitchen, seen);
        }
        return seen.toString();
    }

    private static Demand demand(int each, Kitchen kitchen, UnaryOperator<String> bowls) {
        return new Tally(kitchen.recipe(), kitchen.mean(Habit.BREAKAGE_PERCENT), bowls)
                .of(new CookieSet(MEASURED.stream()
                        .map(cookie -> new CookieSet.Line("cookie " + MEASURED.indexOf(cookie), cookie, each))
                        .toList()));
    }

    private static CommonBowls.OfOrder order(String number, String hex) {
        return new CommonBowls.OfOrder(
                number, number, List.of(new CommonBowls.Colour("white", "White", Lab.ofHex(hex), null, null)));
    }

    private static void tints(Pour pour, Kitchen kitchen, StringBuilder seen) {
        TintSolver solver = new TintSolver(WhiteIcing.PLAIN, FEW, kitchen.habits());
        Map<String, LettingDown.Tinted> tinted = new HashMap<>();
        for (Pour.Bowl bowl : pour.bowls()) {
            TintRecipe recipe =
                    solver.solve(PALETTE.colours().get(bowl.colour()), 100, 3).recipe();
            seen.append(recipe.doses());
            Map<Gel, Double> drops = new HashMap<>();
            recipe.doses()
                    .forEach(dose ->
                            drops.put(ReferenceGels.find(dose.gel()).orElseThrow(), dose.grams() / Gel.DROP_GRAMS));
            tinted.put(
                    bowl.colour(),
                    new LettingDown.Tinted(recipe, Mixture.absorption(WhiteIcing.PLAIN, drops, Gel.RESTED_HOURS)));
        }
        seen.append(LettingDown.of(pour, kitchen, tinted, WhiteIcing.PLAIN));
    }

    private static final List<Cookie> MEASURED = COOKIES.stream()
            .map(moves -> new Measuring(kitchen(Habits.HOUSE)).measure(design(moves)))
            .toList();
    /** A small one, and a large one. */
    private static final List<Cookie> BAKED = Stream.of(45, 120)
            .map(mm -> new Measuring(kitchen(Habits.HOUSE)).measure(Moves.round(mm, null, Moves.flood("white"))))
            .toList();

    private static final List<Gel> FEW = ReferenceGels.ALL.stream().limit(5).toList();

    private static List<Double> others(Habit habit) {
        double house = habit.house().mean();
        double least = habit.range().least();
        double most = habit.range().most();
        double near = house + (most - house) / 20;
        return List.of(habit.isWhole() ? Math.ceil(near) : near, least, Math.rint((least + most) / 2), most);
    }

    /** What the clock is given: all that has to be done for two orders, and when it has to be ready. */
    private static String work(Habits habits) {
        List<Cookie> cookies = Stream.concat(MEASURED.stream(), BAKED.stream()).toList();
        List<WorkList.Design> designs = cookies.stream()
                .map(cookie -> new WorkList.Design(cookies.indexOf(cookie), 60, 1, cookie))
                .toList();
        List<Dough.Cut> cuts = List.of(
                Dough.Cut.of(1, 20, null, new Cutter(new BasicForm.Round(), Across.WIDTH, 70).baked(0), habits));
        double rolled = habits.mean(Habit.ROLLED_MM);
        Dough dough = Dough.of(cuts, rolled, DoughRecipe.HOUSE.get(0), habits);
        List<MixingOrder.Step> mixing =
                List.of(new MixingOrder.Step(MixingOrder.Doing.TINT, "navy", -1, 100, 0, 0, 4, 0));
        List<WorkList.Order> orders = List.of(
                new WorkList.Order(1, 1, designs, mixing, Set.of("navy"), Map.of(), true),
                new WorkList.Order(2, 2, designs.subList(0, 1), mixing));
        StringBuilder seen = new StringBuilder(dough.toString())
                .append(Rolled.of(cuts, dough.grams(), rolled, habits))
                .append(WorkList.of(orders, habits))
                .append(WorkList.readySeconds(90_000, habits))
                .append(WorkList.bakedFrom(90_000, habits));
        cookies.forEach(cookie -> seen.append(WetRehearsal.of(cookie, habits)));
        for (TraysDry drying : TraysDry.values()) {
            seen.append(drying.times(habits)).append(' ').append(drying.places(habits));
        }
        return seen.toString();
    }

    @Test
    void everyFigureChangesSomething() {
        // With bottles, so that it matters what one holds.
        Habits usual = Habits.HOUSE.with(Habit.BOTTLES, 20);
        Map<List<Move>, String> cookies = new LinkedHashMap<>();
        COOKIES.forEach(moves -> cookies.put(moves, cookie(moves, usual)));
        Map<Boolean, String> pour = Map.of(true, pour(usual, true), false, pour(usual, false));
        String work = work(usual);
        List<Habit> idle = new ArrayList<>();
        for (Habit habit : Habit.values()) {
            List<Habits> others =
                    others(habit).stream().map(mean -> usual.with(habit, mean)).toList();
            BooleanSupplier onCookies = () -> others.stream()
                    .anyMatch(habits -> cookies.entrySet().stream()
                            .anyMatch(one -> !cookie(one.getKey(), habits).equals(one.getValue())));
            boolean ofCookies = habit.chapter().compareTo(Habit.Chapter.COLOUR) < 0
                    && !(habit.chapter() == Habit.Chapter.HANDS && habit.range().unit() == Unit.MINUTES);
            boolean tinted = habit.chapter() == Habit.Chapter.COLOUR;
            boolean changes = habit.chapter() == Habit.Chapter.CLOCK
                            && others.stream().anyMatch(one -> !work(one).equals(work))
                    || ofCookies && onCookies.getAsBoolean()
                    || others.stream().anyMatch(one -> !pour(one, tinted).equals(pour.get(tinted)))
                    || !ofCookies && onCookies.getAsBoolean()
                    || habit.chapter() == Habit.Chapter.DRYING
                            && others.stream().anyMatch(one -> !work(one).equals(work));
            if (!changes) {
                idle.add(habit);
            }
        }
        assertEquals(List.of(), idle, "these change nothing");
    }
}
