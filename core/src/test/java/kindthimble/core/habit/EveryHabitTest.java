package kindthimble.core.habit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
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
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Marbling;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.Pieces;
import kindthimble.core.mark.Supply;
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
import kindthimble.core.passes.Passes;
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
import kindthimble.core.work.Task;
import kindthimble.core.work.WetRehearsal;
import kindthimble.core.work.WorkList;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every figure of the kitchen, raised, does what it says: there is more, or less, of what it is there for. */
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

    private static Cookie measured(int cookie, Habits habits) {
        return new Measuring(kitchen(habits)).measure(design(COOKIES.get(cookie)));
    }

    private static Design design(List<Move> moves) {
        return Moves.round(70, null, moves.toArray(new Move[0]));
    }

    private static Demand demand(int each, Kitchen kitchen, UnaryOperator<String> bowls) {
        return new Tally(kitchen.recipe(), kitchen.mean(Habit.BREAKAGE_PERCENT), bowls)
                .of(new CookieSet(MEASURED.stream()
                        .map(cookie -> new CookieSet.Line("cookie " + MEASURED.indexOf(cookie), cookie, each))
                        .toList()));
    }

    private static Pouring pouring(Habits habits) {
        return new Pouring(
                kitchen(habits),
                new Allowance.Risk(0.02),
                new Pouring.Wishes(
                        Set.of("navy"),
                        List.of(new Jar("1", "white", 20, 15)),
                        Map.of("white", 0.0, "navy", 0.01, "mist", 0.005),
                        Map.of("mist", new Pouring.LetDown("navy", 0.3))));
    }

    /** The pour of so many of each cookie, as the house has measured them. */
    private static Pour pour(int each, Habits habits) {
        return pouring(habits).of(demand(each, kitchen(habits), UnaryOperator.identity()));
    }

    private static CommonBowls.OfOrder order(String number, String hex) {
        return new CommonBowls.OfOrder(
                number, number, List.of(new CommonBowls.Colour("white", "White", Lab.ofHex(hex), null, null)));
    }

    private static final List<Cookie> MEASURED = COOKIES.stream()
            .map(moves -> new Measuring(kitchen(Habits.HOUSE)).measure(design(moves)))
            .toList();
    /** A small one, and a large one. */
    private static final List<Cookie> BAKED = Stream.of(45, 120)
            .map(mm -> new Measuring(kitchen(Habits.HOUSE)).measure(Moves.round(mm, null, Moves.flood("white"))))
            .toList();

    private static final List<Gel> FEW = ReferenceGels.ALL.stream().limit(5).toList();

    /** Something of a kitchen that can be counted, weighed or timed. */
    private interface Seen extends ToDoubleFunction<Habits> {}

    private static Seen on(int cookie, ToDoubleFunction<Cookie> seen) {
        return habits -> seen.applyAsDouble(measured(cookie, habits));
    }

    private static Seen ofMarks(int cookie, ToDoubleFunction<Mark> seen) {
        return on(
                cookie,
                of -> of.marks().stream()
                        .mapToDouble(mark -> seen.applyAsDouble(mark.mark()))
                        .sum());
    }

    private static Seen volume(int cookie) {
        return ofMarks(cookie, Mark::volumeMm3);
    }

    private static Seen hands(int cookie) {
        return on(cookie, Cookie::handSeconds);
    }

    private static Seen gates(int cookie) {
        return on(
                cookie,
                of -> of.passes().stream().mapToDouble(Passes.Pass::gateMinutes).sum());
    }

    private static Seen warnings(int cookie) {
        return on(cookie, of -> of.cautions().size());
    }

    private static Seen counts(int cookie) {
        return ofMarks(
                cookie,
                mark -> mark.icing() == null ? 0 : mark.icing().consistency().countSeconds());
    }

    private static Seen supply(int cookie, Supply.Sort sort) {
        return ofMarks(
                cookie,
                mark -> mark.supplies().stream()
                        .filter(one -> one.sort() == sort)
                        .mapToDouble(Supply::amount)
                        .sum());
    }

    private static Seen spares(int transfers) {
        return ofMarks(ON_FILM, mark -> mark.ahead() == null ? 0 : mark.ahead().spares(transfers));
    }

    private static Seen poured(int each, ToDoubleFunction<Pour> seen) {
        return habits -> seen.applyAsDouble(pour(each, habits));
    }

    private static Seen portions(int each, ToDoubleFunction<Pour.Portion> seen) {
        return poured(
                each,
                pour -> pour.bowls().stream()
                        .flatMap(bowl -> bowl.portions().stream())
                        .mapToDouble(seen)
                        .sum());
    }

    private static Seen mixing(MixingOrder.Doing doing) {
        return habits -> MixingOrder.of(pour(12, habits), kitchen(habits)).stream()
                .filter(step -> step.doing() == doing)
                .mapToDouble(MixingOrder.Step::minutes)
                .sum();
    }

    private static Seen bought(String name, ToDoubleFunction<Shopping.ToBuy> seen) {
        return habits -> {
            Pour pour = pour(400, habits);
            return Stream.concat(
                            Shopping.of(pour, kitchen(habits), Map.of()).stream(),
                            Shopping.supplies(pour.supplies(), Map.of(), key -> key, habits).stream())
                    .filter(line -> line.name().startsWith(name))
                    .mapToDouble(seen)
                    .sum();
        };
    }

    private static double joined(Habits habits) {
        Pour pour = pour(12, habits);
        return Joining.of(
                        pour,
                        kitchen(habits),
                        (from, into) ->
                                pouring(habits).of(demand(12, kitchen(habits), key -> key.equals(from) ? into : key)))
                .size();
    }

    private static TintRecipe tinted(String colour, Habits habits) {
        return new TintSolver(WhiteIcing.PLAIN, FEW, habits)
                .solve(PALETTE.colours().get(colour), 100, 3)
                .recipe();
    }

    private static double tinted(ToDoubleFunction<TintRecipe> seen, Habits habits) {
        return PALETTE.colours().keySet().stream()
                .mapToDouble(colour -> seen.applyAsDouble(tinted(colour, habits)))
                .sum();
    }

    private static double letDowns(Habits habits) {
        Pour pour = pour(12, habits);
        Map<String, LettingDown.Tinted> tinted = new HashMap<>();
        for (Pour.Bowl bowl : pour.bowls()) {
            TintRecipe recipe = tinted(bowl.colour(), habits);
            Map<Gel, Double> drops = new HashMap<>();
            recipe.doses()
                    .forEach(dose ->
                            drops.put(ReferenceGels.find(dose.gel()).orElseThrow(), dose.grams() / Gel.DROP_GRAMS));
            tinted.put(
                    bowl.colour(),
                    new LettingDown.Tinted(recipe, Mixture.absorption(WhiteIcing.PLAIN, drops, Gel.RESTED_HOURS)));
        }
        return LettingDown.of(pour, kitchen(habits), tinted, WhiteIcing.PLAIN).size();
    }

    private static List<Dough.Cut> cuts(Habits habits) {
        return List.of(Dough.Cut.of(1, 20, null, new Cutter(new BasicForm.Round(), Across.WIDTH, 70).baked(0), habits));
    }

    private static Dough dough(Habits habits) {
        return Dough.of(cuts(habits), habits.mean(Habit.ROLLED_MM), DoughRecipe.HOUSE.get(0), habits);
    }

    private static Rolled rolled(Habits habits) {
        return Rolled.of(cuts(habits), dough(habits).grams(), habits.mean(Habit.ROLLED_MM), habits);
    }

    /** All that has to be done for two orders, of which one is of fresh whites. */
    private static Stream<Task> tasks(Habits habits) {
        List<Cookie> cookies = Stream.concat(MEASURED.stream(), BAKED.stream()).toList();
        List<WorkList.Design> designs = cookies.stream()
                .map(cookie -> new WorkList.Design(cookies.indexOf(cookie), 60, 1, cookie))
                .toList();
        List<MixingOrder.Step> mixing =
                List.of(new MixingOrder.Step(MixingOrder.Doing.TINT, "navy", -1, 100, 0, 0, 4, 0));
        return WorkList.of(
                List.of(
                        new WorkList.Order(1, 1, designs, mixing, Set.of("navy"), Map.of(), true),
                        new WorkList.Order(2, 2, designs.subList(0, 1), mixing)),
                habits)
                .stream();
    }

    private static Seen tasks(Task.Work doing) {
        return habits -> tasks(habits).filter(task -> task.doing() == doing).count();
    }

    private static Seen worked(Task.Work doing) {
        return habits -> tasks(habits)
                .filter(task -> task.doing() == doing)
                .mapToDouble(Task::handSeconds)
                .sum();
    }

    private static double baked(Habits habits) {
        return tasks(habits).mapToDouble(Task::ovenSeconds).sum();
    }

    private static Seen waited(Task.Why why) {
        return habits -> tasks(habits)
                .flatMap(task -> task.waits().stream())
                .filter(wait -> wait.why() == why)
                .mapToDouble(Task.Wait::seconds)
                .sum();
    }

    private static Seen keeps(Task.Why why, long order) {
        return habits -> tasks(habits)
                .filter(task -> task.order() == order)
                .flatMap(task -> task.waits().stream())
                .filter(wait -> wait.why() == why && wait.mostSeconds() != Task.Wait.NO_END)
                .mapToDouble(Task.Wait::mostSeconds)
                .sum();
    }

    private static double lateStrokes(Habits habits) {
        return WetRehearsal.of(measured(SUNK, habits), habits).stream()
                .flatMap(one -> one.strokes().stream())
                .filter(WetRehearsal.Stroke::isLate)
                .count();
    }

    /**
     * What a figure does when it is raised.
     *
     * @param more whether there is more of what is seen then, or less
     * @param from where it is raised from
     * @param to and to
     */
    private record Effect(boolean more, double from, double to, Seen seen) {}

    private static final Map<Habit, Effect> EFFECTS = new EnumMap<>(Habit.class);

    private static void effect(Habit habit, boolean more, double from, double to, Seen seen) {
        assertNull(EFFECTS.put(habit, new Effect(more, from, to, seen)), () -> habit + " stands twice");
    }

    /** Raised from what the house says by a twentieth of its way to the most. */
    private static void more(Seen seen, Habit... habits) {
        for (Habit habit : habits) {
            effect(habit, true, habit.house().mean(), raised(habit), seen);
        }
    }

    private static void less(Seen seen, Habit... habits) {
        for (Habit habit : habits) {
            effect(habit, false, habit.house().mean(), raised(habit), seen);
        }
    }

    private static double raised(Habit habit) {
        double near =
                habit.house().mean() + (habit.range().most() - habit.house().mean()) / 20;
        return habit.isWhole() ? Math.ceil(near) : near;
    }

    // The cookies, by what is on them.
    private static final int LINED = 0;
    private static final int BANDS = 1;
    private static final int SUNK = 2;
    private static final int PIECES = 3;
    private static final int DRESSED = 4;
    private static final int ON_FILM = 5;
    private static final int INLAID = 6;
    private static final int STIFF_DOT = 7;
    private static final int DIPPED = 8;
    private static final int SPREAD = 9;
    private static final int PRESSED = 10;

    static {
        more(on(LINED, cookie -> cookie.baked().areaMm2()), Habit.SPREAD_PERCENT);
        less(volume(LINED), Habit.MARGIN_MM);
        effect(Habit.PRESSED_MARGIN_MM, true, 0, 3, warnings(SUNK));
        effect(Habit.NEAR_EDGE_MM, true, 3, 20, warnings(SUNK));
        more(
                ofMarks(
                        ON_FILM,
                        mark -> mark.slices(0).stream()
                                .mapToDouble(slice -> slice.baseMm() + slice.heightMm())
                                .max()
                                .orElse(0)),
                Habit.DOUGH_MM);

        more(counts(LINED), Habit.FLOOD_COUNT_SECONDS, Habit.PIPING_SECONDS);
        more(counts(PIECES), Habit.MEDIUM_SECONDS);
        more(counts(DIPPED), Habit.GLAZE_SECONDS);
        more(volume(LINED), Habit.COAT_MM, Habit.COAT_MM_PER_SECOND, Habit.FULLNESS, Habit.DRAW);
        more(
                volume(SUNK),
                Habit.WET_MARK_ABOVE_SHARE,
                Habit.WET_LINE_SPREAD,
                Habit.SMALL_DOT_MM,
                Habit.MEDIUM_DOT_MM,
                Habit.LARGE_DOT_MM);
        more(volume(DIPPED), Habit.DIP_MM);
        more(volume(SPREAD), Habit.SPATULA_MM);
        more(volume(PRESSED), Habit.PRESSED_MM);
        more(ofMarks(DIPPED, mark -> mark instanceof Marbling ? mark.volumeMm3() : 0), Habit.MARBLED_SHARE_PERCENT);
        less(volume(PIECES), Habit.BEAD_STEP);
        more(
                volume(PIECES),
                Habit.BEAD_TAILS,
                Habit.DABBED_MM,
                Habit.LEAF_GRAMS,
                Habit.ROSETTE_GRAMS,
                Habit.STAR_GRAMS,
                Habit.FLOWER_GRAMS,
                Habit.PETAL_GRAMS);
        more(volume(DRESSED), Habit.STENCIL_MM, Habit.RUFFLE_GRAMS_PER_CM, Habit.BRUSHED_GRAMS_PER_CM);
        more(volume(ON_FILM), Habit.TRANSFER_MM, Habit.GLUE_GRAMS, Habit.COOKIE_GLUE_GRAMS);
        // A wider line along the edge runs further inside.
        less(supply(DRESSED, Supply.Sort.MARKER), Habit.MARKER_MM);
        more(supply(SUNK, Supply.Sort.SPRINKLES), Habit.SPRINKLE_GRAMS);
        more(supply(SUNK, Supply.Sort.SUGAR), Habit.STREWN_SUGAR_GRAMS_PER_CM2);
        more(supply(PIECES, Supply.Sort.SUGAR), Habit.STREWN_SUGAR_GRAMS_PER_CM);
        more(supply(DRESSED, Supply.Sort.DUST), Habit.DUST_GRAMS_PER_CM2);
        more(supply(DRESSED, Supply.Sort.THINNER), Habit.THINNER_ML_PER_CM2);
        more(supply(DRESSED, Supply.Sort.AIRBRUSH), Habit.AIRBRUSH_ML_PER_CM2);
        more(supply(ON_FILM, Supply.Sort.FILM), Habit.FILM_TIMES_AREA);
        effect(Habit.SMALL_AREA_MM, true, 9, 40, warnings(BANDS));
        effect(Habit.NARROW_PART_MM, true, 0.5, 4, warnings(INLAID));
        effect(Habit.FINEST_PART_MM, true, 1.2, 10, warnings(BANDS));
        effect(Habit.FRAGILE_RADIUS_MM, true, 0.2, 1.5, warnings(ON_FILM));
        effect(Habit.THICKEST_MM, false, 1, 3.2, warnings(LINED));
        effect(Habit.THICKER_BY_SECONDS, false, 10, 60, warnings(STIFF_DOT));
        effect(Habit.HOLDS_FROM_SECONDS, true, 6, 30, warnings(BANDS));
        effect(Habit.FULLNESS_UNDER_STENCIL, true, 0.5, 1.15, warnings(DRESSED));

        more(
                hands(LINED),
                Habit.OUTLINE_SECONDS_PER_CM,
                Habit.FLOOD_SECONDS_PER_CM2,
                Habit.NEEDLE_SECONDS,
                Habit.BAG_SECONDS_BY_THE_TRAY);
        more(hands(ON_FILM), Habit.PIECE_NEEDLE_SECONDS, Habit.TRANSFER_SECONDS);
        more(hands(DIPPED), Habit.DIP_SECONDS);
        more(
                hands(SUNK),
                Habit.DOT_SECONDS,
                Habit.DRAG_SECONDS,
                Habit.STREWN_SECONDS,
                Habit.CANDY_SECONDS,
                Habit.BAG_SECONDS);
        more(
                hands(PIECES),
                Habit.BEAD_SECONDS,
                Habit.RAISED_SECONDS_PER_CM,
                Habit.PIECE_SECONDS,
                Habit.DAB_SECONDS_PER_CM2);
        more(hands(BANDS), Habit.WRITING_SECONDS_PER_CM);
        more(
                hands(DRESSED),
                Habit.BRUSHED_SECONDS_PER_CM,
                Habit.STENCIL_SECONDS,
                Habit.MARKER_SECONDS_PER_CM,
                Habit.PAINT_SECONDS_PER_CM2,
                Habit.AIRBRUSH_SECONDS);
        effect(Habit.LARGE_SHARE_OF_HANDS, false, 0.4, 1, warnings(LINED));
        more(mixing(MixingOrder.Doing.MIX), Habit.BATCH_MINUTES);
        more(mixing(MixingOrder.Doing.TINT), Habit.TINT_MINUTES);
        more(mixing(MixingOrder.Doing.LET_DOWN), Habit.LET_DOWN_MINUTES);
        more(mixing(MixingOrder.Doing.ADD_JAR), Habit.JAR_MINUTES);
        more(mixing(MixingOrder.Doing.DIVIDE), Habit.DIVIDE_MINUTES);
        more(mixing(MixingOrder.Doing.THIN), Habit.THIN_MINUTES);
        more(mixing(MixingOrder.Doing.BAG), Habit.BAG_MINUTES);

        more(
                gates(DRESSED),
                Habit.PRINT_DRY_MINUTES,
                Habit.DOTS_SET_MINUTES,
                Habit.LINES_HOLD_MINUTES,
                Habit.LINES_SET_MINUTES,
                Habit.LINES_DRY_MINUTES,
                Habit.SURFACE_DRY_MINUTES);
        more(gates(PIECES), Habit.TOUCHING_MINUTES, Habit.FIRM_MINUTES);
        effect(Habit.HALF_DRY_MINUTES, true, 35, 10_080, gates(PIECES));
        more(gates(BANDS), Habit.SKINNED_MINUTES, Habit.DRY_THROUGH_MINUTES);
        more(gates(ON_FILM), Habit.LIFTS_OFF_MINUTES);
        more(gates(PRESSED), Habit.TEXTURE_SHEET_MINUTES);
        less(gates(BANDS), Habit.ROOM_CELSIUS);
        more(gates(BANDS), Habit.ROOM_HUMIDITY);
        more(TraysDry.UNDER_THE_FAN::times, Habit.FAN_TIMES);
        more(TraysDry.IN_THE_DEHYDRATOR::times, Habit.DEHYDRATOR_TIMES);
        effect(Habit.WET_WINDOW_SECONDS, false, 30, 600, warnings(SUNK));
        effect(Habit.BEST_WET_SECONDS, false, 20, 120, EveryHabitTest::lateStrokes);
        effect(Habit.SHARE_OF_WET_WINDOW, false, 0.1, 0.6, warnings(SUNK));
        effect(Habit.BLEEDS_FROM_DELTA_L, false, 5, 45, warnings(BANDS));

        more(habits -> tinted(TintRecipe::gelGrams, habits), Habit.MOST_GEL_PERCENT);
        effect(
                Habit.FEWER_GELS_WORTH,
                false,
                0.5,
                5,
                habits -> tinted(recipe -> recipe.doses().size(), habits));
        effect(Habit.NEAR_TWINS_DELTA_E, true, 0, 5, EveryHabitTest::joined);
        effect(Habit.TINY_BOWL_GRAMS, true, 25, 500, EveryHabitTest::joined);
        effect(
                Habit.SAME_DELTA_E,
                false,
                0,
                1,
                habits -> CommonBowls.of(List.of(order("1", "#F6F6F0"), order("2", "#F4F4EF")), habits)
                        .bowls()
                        .size());
        effect(
                Habit.JAR_FITS_DELTA_E,
                true,
                0,
                2,
                habits -> Jar.bowlFor(Lab.ofHex("#F0F0E8"), PALETTE, habits).stream()
                        .count());
        effect(Habit.LET_DOWN_DELTA_E, true, 2, 20, EveryHabitTest::letDowns);
        effect(
                Habit.HARD_DELTA_E,
                true,
                0,
                7,
                habits -> Seeing.of(measured(BANDS, habits), kitchen(habits)).alike().stream()
                        .mapToInt(pair -> pair.seen().size())
                        .sum());

        effect(Habit.BAG_FILL_GRAMS, false, 120, 1000, poured(400, Pour::bags));
        less(poured(400, Pour::bags), Habit.LARGE_BAG_FILL_GRAMS);
        effect(Habit.COUPLERS, false, 0, 4, poured(12, Pour::bags));
        effect(
                Habit.BOTTLES,
                true,
                0,
                20,
                portions(12, portion -> portion.vessel() == Icing.Vessel.BOTTLE ? portion.bags() : 0));
        effect(
                Habit.BOTTLE_FILL_GRAMS,
                false,
                20,
                80,
                portions(12, portion -> portion.vessel() == Icing.Vessel.BOTTLE ? portion.bags() : 0));
        more(portions(12, Pour.Portion::cutMm), Habit.CUT_MM);
        more(
                poured(12, pour -> pour.balance().bagsGrams()),
                Habit.TIPPED_BAG_KEEPS_GRAMS,
                Habit.TIPLESS_BAG_KEEPS_GRAMS,
                Habit.DIP_BOWL_KEEPS_GRAMS,
                Habit.SCRAPER_KEEPS_GRAMS);
        more(poured(12, pour -> pour.balance().bowlsGrams()), Habit.BOWL_KEEPS_GRAMS);
        less(poured(400, pour -> pour.balance().bagsGrams()), Habit.SCRAPER_LOAD_GRAMS);
        more(poured(12, pour -> pour.balance().mixerGrams()), Habit.MIXER_KEEPS_GRAMS);
        effect(
                Habit.MIXER_LEAST_GRAMS,
                true,
                300,
                20_000,
                poured(12, pour -> pour.balance().surplusGrams()));
        less(poured(12, pour -> pour.batches().size()), Habit.MIXER_MOST_GRAMS);
        effect(
                Habit.MANY_BATCHES,
                false,
                6,
                100,
                poured(400, pour -> pour.batchCaution().length()));
        more(poured(12, pour -> pour.balance().surplusGrams()), Habit.SCALE_STEP_GRAMS, Habit.FINE_SCALE_STEP_GRAMS);
        effect(
                Habit.FINE_SCALE_BELOW_GRAMS,
                false,
                0,
                20,
                poured(12, pour -> pour.balance().surplusGrams()));

        more(poured(12, Pour::spares), Habit.BREAKAGE_PERCENT);
        more(
                poured(12, pour -> pour.balance().spareGrams()),
                Habit.COOKIE_VARIATION_PERCENT,
                Habit.DAY_VARIATION_PERCENT);
        less(poured(12, pour -> pour.balance().spareGrams()), Habit.RISK_SET_APART);
        more(spares(1), Habit.LEAST_TRANSFER_SPARES);
        more(spares(100), Habit.TRANSFER_SPARE_SHARE, Habit.FRAGILE_SPARE_SHARE);

        less(bought("boxes", Shopping.ToBuy::needed), Habit.COOKIES_PER_BOX);
        less(bought("boxes", Shopping.ToBuy::packs), Habit.BOXES_IN_A_PACK);
        effect(Habit.BAGS_IN_A_PACK, false, 1, 100, bought("bags", Shopping.ToBuy::packs));
        less(bought("marker", Shopping.ToBuy::needed), Habit.MARKER_METRES);
        less(bought("film", Shopping.ToBuy::needed), Habit.FILM_SHEET_CM2);

        more(habits -> dough(habits).cutGrams(), Habit.ROLLED_MM, Habit.DOUGH_GRAMS_PER_ML);
        effect(Habit.DOUGH_LOST_PERCENT, true, 5, 50, habits -> dough(habits).grams());
        less(habits -> dough(habits).bakedGrams(), Habit.BAKING_LOSS_PERCENT);
        more(habits -> dough(habits).bare(), Habit.BARE_SPARES);
        more(habits -> rolled(habits).sheets().get(0).widthMm(), Habit.ROLLED_WIDTH_MM);
        more(habits -> rolled(habits).sheets().get(0).lengthMm(), Habit.ROLLED_LENGTH_MM);
        less(habits -> rolled(habits).share(), Habit.CUT_GAP_MM);
        more(worked(Task.Work.DOUGH), Habit.DOUGH_MINUTES);
        more(waited(Task.Why.CHILL), Habit.DOUGH_CHILL_MINUTES, Habit.CUT_CHILL_MINUTES);
        more(worked(Task.Work.CUT), Habit.CUT_SECONDS);
        effect(Habit.BAKING_TRAY_WIDTH_MM, false, 100, 300, tasks(Task.Work.BAKE));
        effect(Habit.BAKING_TRAY_LENGTH_MM, false, 100, 400, tasks(Task.Work.BAKE));
        effect(Habit.BAKING_GAP_MM, true, 0, 20, tasks(Task.Work.BAKE));
        less(tasks(Task.Work.BAKE), Habit.OVEN_TRAYS);
        // More of them count as small, or as no more than usual, and bake for less long.
        effect(Habit.SMALL_COOKIE_MM, false, 5, 50, EveryHabitTest::baked);
        effect(Habit.LARGE_COOKIE_MM, false, 10, 110, EveryHabitTest::baked);
        more(EveryHabitTest::baked, Habit.OVEN_SMALL_MINUTES, Habit.OVEN_LARGE_MINUTES, Habit.OVEN_MINUTES);
        more(worked(Task.Work.BAKE), Habit.LOAD_MINUTES);
        more(waited(Task.Why.COOL), Habit.COOL_MINUTES);
        less(tasks(Task.Work.ICE), Habit.TRAY_COOKIES);
        more(worked(Task.Work.ICE), Habit.SET_OUT_SECONDS);
        more(worked(Task.Work.PACK), Habit.PACK_SECONDS);
        more(worked(Task.Work.LABEL), Habit.LABEL_MINUTES);
        more(TraysDry.IN_STILL_AIR::places, Habit.TRAY_PLACES);
        more(TraysDry.IN_THE_DEHYDRATOR::places, Habit.DEHYDRATOR_TRAYS);
        more(keeps(Task.Why.COOL, 1), Habit.BARE_DAYS);
        more(keeps(Task.Why.NEEDS, 1), Habit.FRESH_WHITE_DAYS);
        more(keeps(Task.Why.NEEDS, 2), Habit.POWDER_DAYS);
        more(waited(Task.Why.REST), Habit.DEEP_REST_HOURS);
        // What keeps longer may be baked earlier; what is wanted earlier is ready earlier.
        less(habits -> WorkList.bakedFrom(9_000_000, habits), Habit.ICED_DAYS);
        less(habits -> WorkList.readySeconds(90_000, habits), Habit.BUFFER_MINUTES);
    }

    @ParameterizedTest
    @EnumSource(Habit.class)
    void doesWhatItSays(Habit habit) {
        Effect effect = EFFECTS.get(habit);
        assertNotNull(effect, "say above what it does");
        // With bottles, so that it matters what one holds.
        Habits usual = Habits.HOUSE.with(Habit.BOTTLES, 20);
        double low = effect.seen.applyAsDouble(usual.with(habit, effect.from));
        double high = effect.seen.applyAsDouble(usual.with(habit, effect.to));
        assertTrue(
                effect.more ? high > low : high < low,
                () -> "from %s to %s: from %s to %s".formatted(effect.from, effect.to, low, high));
    }

    /** A day is a day: what a cookie may be old at its hand-over is what lies between. */
    @Test
    void isBakedSoManyDaysBeforeTheHandOver() {
        long handOver = 9_000_000;
        assertEquals(handOver - 3 * 86_400, WorkList.bakedFrom(handOver, Habits.HOUSE.with(Habit.ICED_DAYS, 3)));
        assertEquals(handOver - 90 * 60, WorkList.readySeconds(handOver, Habits.HOUSE.with(Habit.BUFFER_MINUTES, 90)));
    }
}
