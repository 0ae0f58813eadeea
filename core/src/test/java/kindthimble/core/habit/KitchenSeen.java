package kindthimble.core.habit;

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
import kindthimble.core.dough.Dough;
import kindthimble.core.dough.DoughRecipe;
import kindthimble.core.dough.Rolled;
import kindthimble.core.geometry.Across;
import kindthimble.core.icing.Flavour;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Frill;
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
import kindthimble.core.placing.Place;
import kindthimble.core.placing.Where;
import kindthimble.core.pour.Allowance;
import kindthimble.core.pour.CommonBowls;
import kindthimble.core.pour.CookieSet;
import kindthimble.core.pour.Demand;
import kindthimble.core.pour.Jar;
import kindthimble.core.pour.Joining;
import kindthimble.core.pour.LettingDown;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.Packaging;
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

/** What can be seen, weighed or waited for of a kitchen with its figures: cookies of every kind of move, poured, baked and worked out. */
final class KitchenSeen {
    /** The cookies, by what they show. */
    static final int LINED = 0;

    static final int BANDS = 1;
    static final int SUNK = 2;
    static final int PIECES = 3;
    static final int DRESSED = 4;
    static final int ON_FILM = 5;
    static final int INLAID = 6;
    static final int STIFF_DOT = 7;
    static final int DIPPED = 8;
    static final int SPREAD = 9;
    static final int PRESSED = 10;

    private KitchenSeen() {}

    static final Palette PALETTE = new Palette(Map.of(
            "navy", Lab.ofHex("#2A3E6C"),
            "mist", Lab.ofHex("#8FADC8"),
            "haze", Lab.ofHex("#8DAAC4"),
            "white", Lab.ofHex("#F6F6F0"),
            "rose", Lab.ofHex("#E8A0B4")));
    static final List<List<Move>> COOKIES = List.of(
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
                    aside("navy"),
                    aside("rose"),
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

    /** A large dot, between the middle and the edge. */
    private static Move aside(String colour) {
        return Catalogue.with(Moves.dots(colour, 1, 12), "where", Where.at(new Place(0, 20, null)));
    }

    static Dot dots(Dot.Size size, int pieces) {
        return new Dot("rose", pieces, size, null, null, null, null, null, null);
    }

    static Piece piece(Pieces.PieceKind kind) {
        return new Piece("navy", kind, 2, 9, null, null, null);
    }

    static Kitchen kitchen(Habits habits) {
        return kitchen(habits, Kitchens.of(PALETTE).filling());
    }

    private static Kitchen kitchen(Habits habits, Filling filling) {
        Kitchen house = Kitchens.of(PALETTE);
        return Kitchen.of(house.shop().with(habits), house.recipe(), null, PALETTE, filling);
    }

    /** Grams of the lined cookie, filled in one way. */
    static Seen filled(Filling filling) {
        return habits -> new Measuring(kitchen(habits, filling))
                .measure(design(COOKIES.get(LINED)))
                .grams(Kitchens.of(PALETTE).recipe());
    }

    static Cookie measured(int cookie, Habits habits) {
        return new Measuring(kitchen(habits)).measure(design(COOKIES.get(cookie)));
    }

    static Design design(List<Move> moves) {
        return Moves.round(70, null, moves.toArray(new Move[0]));
    }

    static Demand demand(int each, Kitchen kitchen, UnaryOperator<String> bowls) {
        return new Tally(kitchen.recipe(), kitchen.mean(Habit.BREAKAGE_PERCENT), bowls)
                .of(new CookieSet(MEASURED.stream()
                        .map(cookie -> new CookieSet.Line("cookie " + MEASURED.indexOf(cookie), cookie, each))
                        .toList()));
    }

    static Pouring pouring(Habits habits) {
        return new Pouring(
                kitchen(habits),
                new Allowance.Risk(0.02),
                new Pouring.Wishes(
                        Set.of("navy"),
                        List.of(new Jar("1", "white", 20, 15)),
                        Map.of("white", 0.0, "navy", 0.01, "mist", 0.005),
                        Map.of("mist", new Pouring.LetDown("navy", 0.3)),
                        Map.of("white", Flavour.OFFERED.get(4))));
    }

    /** The pour of so many of each cookie, as the house has measured them. */
    static Pour pour(int each, Habits habits) {
        return pouring(habits).of(demand(each, kitchen(habits), UnaryOperator.identity()));
    }

    static CommonBowls.OfOrder order(String number, String hex) {
        return new CommonBowls.OfOrder(
                number, number, List.of(new CommonBowls.Colour("white", "White", Lab.ofHex(hex), null, null, null)));
    }

    static final List<Cookie> MEASURED = COOKIES.stream()
            .map(moves -> new Measuring(kitchen(Habits.HOUSE)).measure(design(moves)))
            .toList();
    /** A small one, and a large one. */
    static final List<Cookie> BAKED = Stream.of(45, 120)
            .map(mm -> new Measuring(kitchen(Habits.HOUSE)).measure(Moves.round(mm, null, Moves.flood("white"))))
            .toList();

    static final List<Gel> FEW = ReferenceGels.ALL.stream().limit(5).toList();

    /** Something of a kitchen that can be counted, weighed or timed. */
    interface Seen extends ToDoubleFunction<Habits> {}

    static Seen on(int cookie, ToDoubleFunction<Cookie> seen) {
        return habits -> seen.applyAsDouble(measured(cookie, habits));
    }

    static Seen ofMarks(int cookie, ToDoubleFunction<Mark> seen) {
        return on(
                cookie,
                of -> of.marks().stream()
                        .mapToDouble(mark -> seen.applyAsDouble(mark.mark()))
                        .sum());
    }

    static Seen volume(int cookie) {
        return ofMarks(cookie, Mark::volumeMm3);
    }

    static Seen hands(int cookie) {
        return on(cookie, Cookie::handSeconds);
    }

    static Seen gates(int cookie) {
        return on(
                cookie,
                of -> of.passes().stream().mapToDouble(Passes.Pass::gateMinutes).sum());
    }

    static Seen warnings(int cookie) {
        return on(cookie, of -> of.cautions().size());
    }

    static Seen counts(int cookie) {
        return ofMarks(
                cookie,
                mark -> mark.icing() == null ? 0 : mark.icing().consistency().countSeconds());
    }

    static Seen supply(int cookie, Supply.Sort sort) {
        return ofMarks(
                cookie,
                mark -> mark.supplies().stream()
                        .filter(one -> one.sort() == sort)
                        .mapToDouble(Supply::amount)
                        .sum());
    }

    static Seen spares(int transfers) {
        return ofMarks(
                ON_FILM,
                mark -> mark.ahead() == null
                        ? 0
                        : mark.ahead().sparesOf(mark.ahead().pieces() * transfers));
    }

    static Seen poured(int each, ToDoubleFunction<Pour> seen) {
        return habits -> seen.applyAsDouble(pour(each, habits));
    }

    static Seen portions(int each, ToDoubleFunction<Pour.Portion> seen) {
        return poured(
                each,
                pour -> pour.bowls().stream()
                        .flatMap(bowl -> bowl.portions().stream())
                        .mapToDouble(seen)
                        .sum());
    }

    static Seen mixing(MixingOrder.Doing doing) {
        return habits -> MixingOrder.of(pour(12, habits), kitchen(habits)).stream()
                .filter(step -> step.doing() == doing)
                .mapToDouble(MixingOrder.Step::minutes)
                .sum();
    }

    static Seen bought(String name, ToDoubleFunction<Shopping.ToBuy> seen) {
        return habits -> {
            Pour pour = pour(400, habits);
            Packaging packed = Packaging.of(pour.cookies(), pour.cookies() + pour.spares(), List.of(), habits);
            return Stream.of(
                            Shopping.of(pour, kitchen(habits), Map.of()),
                            Shopping.packaging(List.of(packed), Map.of(), habits),
                            Shopping.supplies(pour.supplies(), Map.of(), key -> key, habits))
                    .flatMap(List::stream)
                    .filter(line -> line.name().startsWith(name))
                    .mapToDouble(seen)
                    .sum();
        };
    }

    static double joined(Habits habits) {
        Pour pour = pour(12, habits);
        return Joining.of(
                        pour,
                        kitchen(habits),
                        (from, into) ->
                                pouring(habits).of(demand(12, kitchen(habits), key -> key.equals(from) ? into : key)))
                .size();
    }

    static TintRecipe tinted(String colour, Habits habits) {
        return new TintSolver(WhiteIcing.PLAIN, FEW, habits)
                .solve(PALETTE.colours().get(colour), 100, 3)
                .recipe();
    }

    static double tinted(ToDoubleFunction<TintRecipe> seen, Habits habits) {
        return PALETTE.colours().keySet().stream()
                .mapToDouble(colour -> seen.applyAsDouble(tinted(colour, habits)))
                .sum();
    }

    static double letDowns(Habits habits) {
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

    static List<Dough.Cut> cuts(Habits habits) {
        return List.of(Dough.Cut.of(1, 20, null, new Cutter(new BasicForm.Round(), Across.WIDTH, 70).baked(0), habits));
    }

    static Dough dough(Habits habits) {
        return Dough.of(cuts(habits), habits.mean(Habit.ROLLED_MM), DoughRecipe.HOUSE.get(0), habits);
    }

    static Rolled rolled(Habits habits) {
        return Rolled.of(cuts(habits), dough(habits).grams(), habits.mean(Habit.ROLLED_MM), habits);
    }

    /** All that has to be done for two orders, of which one is of fresh whites. */
    static Stream<Task> tasks(Habits habits) {
        List<Cookie> cookies = Stream.concat(MEASURED.stream(), BAKED.stream()).toList();
        List<WorkList.Design> designs = cookies.stream()
                .map(cookie -> new WorkList.Design(cookies.indexOf(cookie), 60, 1, cookie))
                .toList();
        List<MixingOrder.Step> mixing =
                List.of(new MixingOrder.Step(MixingOrder.Doing.TINT, "navy", -1, 100, 0, 0, 4, 0));
        return WorkList.of(
                List.of(
                        new WorkList.Order(1, 1, designs, mixing, Set.of("navy"), Map.of(), true, Map.of(), List.of()),
                        new WorkList.Order(2, 2, designs.subList(0, 1), mixing)),
                habits)
                .stream();
    }

    static Seen tasks(Task.Work doing) {
        return habits -> tasks(habits).filter(task -> task.doing() == doing).count();
    }

    static Seen worked(Task.Work doing) {
        return habits -> tasks(habits)
                .filter(task -> task.doing() == doing)
                .mapToDouble(Task::handSeconds)
                .sum();
    }

    static double baked(Habits habits) {
        return tasks(habits).mapToDouble(Task::ovenSeconds).sum();
    }

    static Seen waited(Task.Why why) {
        return habits -> tasks(habits)
                .flatMap(task -> task.waits().stream())
                .filter(wait -> wait.why() == why)
                .mapToDouble(Task.Wait::seconds)
                .sum();
    }

    static Seen keeps(Task.Why why, long order) {
        return habits -> tasks(habits)
                .filter(task -> task.order() == order)
                .flatMap(task -> task.waits().stream())
                .filter(wait -> wait.why() == why && wait.mostSeconds() != Task.Wait.NO_END)
                .mapToDouble(Task.Wait::mostSeconds)
                .sum();
    }

    static double lateStrokes(Habits habits) {
        return WetRehearsal.of(measured(SUNK, habits), habits).stream()
                .flatMap(one -> one.strokes().stream())
                .filter(WetRehearsal.Stroke::isLate)
                .count();
    }
}
