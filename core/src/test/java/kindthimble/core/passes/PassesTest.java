package kindthimble.core.passes;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import kindthimble.core.colour.Palette;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.move.Airbrush;
import kindthimble.core.move.Division;
import kindthimble.core.move.Edge;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Marker;
import kindthimble.core.move.Move;
import kindthimble.core.move.Outline;
import kindthimble.core.move.Paint;
import kindthimble.core.move.RaisedLines;
import kindthimble.core.move.Seam;
import kindthimble.core.move.Stencil;
import kindthimble.core.move.Wait;
import kindthimble.core.placing.Where;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

/** Passes and what they wait for, on a square of 80 mm and a round of 90; a flood of 15 s is 2.025 mm thick, and dries 1.025 times as long as 2 mm do. */
class PassesTest {
    private static final Flood WHITE = Moves.flood("white");
    private static final Measuring MEASURING = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN));

    private static Cookie card(Move... moves) {
        return MEASURING.measure(Moves.card(80, moves));
    }

    private static Cookie round(Move... moves) {
        return MEASURING.measure(Moves.round(90, 0.0, moves));
    }

    private static Flood flood(String on) {
        return new Flood("white", null, null, null, on, null);
    }

    private static Move paint(String on) {
        return new Paint("gold", Paint.What.PAINT, null, null, on);
    }

    private static Move marker(String path) {
        return new Marker("coal", null, null, null, null, null, null, path, null, null);
    }

    private static Move line(String colour, String path, Wait waits) {
        return new RaisedLines(colour, 1, null, null, path, null, null, waits, null, null);
    }

    /** By move its pass; of several the last one. */
    private static Map<Integer, Integer> passes(Cookie cookie) {
        Map<Integer, Integer> passes = new TreeMap<>();
        cookie.marks().forEach(on -> passes.merge(on.move(), on.pass(), Math::max));
        return passes;
    }

    private static int pass(Cookie cookie, int move) {
        return passes(cookie).get(move);
    }

    private static int waits(Cookie cookie, int move) {
        return cookie.passes().get(pass(cookie, move) - 1).waitMinutes();
    }

    private static int section(Cookie cookie, String name) {
        return cookie.sections().stream()
                .filter(section -> section.name().equals(name))
                .findFirst()
                .orElseThrow()
                .pass();
    }

    private static final Move[] DISC_AND_RING = {new Division.Rings("a", null, 2)};

    private static Move[] wheel(int wedges, Move... rest) {
        List<Move> moves = new ArrayList<>(List.of(DISC_AND_RING));
        moves.add(new Division.Spokes("b", outer(), wedges, null, null, null));
        moves.addAll(List.of(rest));
        return moves.toArray(Move[]::new);
    }

    /** The ring round the disc, whichever of the two is called so. */
    private static String outer() {
        Cookie cookie = round(DISC_AND_RING[0], flood(null));
        return cookie.sections().get(0).region().areaMm2()
                        > cookie.sections().get(1).region().areaMm2()
                ? cookie.sections().get(0).name()
                : cookie.sections().get(1).name();
    }

    private static String inner() {
        return outer().equals("a1") ? "a2" : "a1";
    }

    @Test
    void aDiscListedLastIsFloodedLast() {
        Cookie cookie = round(wheel(4, flood("b"), flood(inner())));
        assertEquals(3, section(cookie, inner()));
        Cookie first = round(wheel(4, flood(inner()), flood("b")));
        assertEquals(1, section(first, inner()));
    }

    @Test
    void sixWedgesRoundADiscAreThreePassesInHerOrder() {
        Cookie cookie = round(wheel(6, flood("b-odd"), flood("b-even"), flood(inner())));
        assertEquals(3, cookie.passes().size());
        assertEquals(List.of(1, 2, 3), List.of(section(cookie, "b1"), section(cookie, "b2"), section(cookie, inner())));
        for (int i = 1; i <= 6; i++) {
            assertEquals(i % 2 == 1 ? 1 : 2, section(cookie, "b" + i));
        }
        Cookie turned = round(wheel(6, flood(inner()), flood("b-even"), flood("b-odd")));
        assertEquals(List.of(3, 2, 1), List.of(section(turned, "b1"), section(turned, "b2"), section(turned, inner())));
    }

    /** Band 4 has no neighbour that is flooded, and could go in the first pass. */
    @Test
    void sectionsOfOneFloodStayInOnePassWhereThatCostsNone() {
        Cookie cookie = card(new Division.Bands("a", null, 4, null), flood("a1"), flood("a2 a4"));
        assertEquals(2, section(cookie, "a2"));
        assertEquals(2, section(cookie, "a4"), "with its own flood, though nothing lies beside it");
        Cookie dear = card(new Division.Bands("a", null, 4, null), flood("a1 a4"), flood("a2"), flood("a3"));
        assertEquals(2, dear.passes().size(), "together they would cost a third pass");
    }

    @Test
    void aGuideOnTheBareCookieIsBeforeTheFirstCoat() {
        Cookie cookie = card(
                new Division.Bands("a", null, 2, null),
                new Marker("coal", null, null, null, null, null, null, "M-10 0H10", null, "a2"),
                flood("a1"),
                flood("a2"));
        assertEquals(1, pass(cookie, 1));
        assertEquals(2, pass(cookie, 3));
    }

    /** Body and eye flow while the neighbour waits: three bands, two of which flow into each other. */
    @Test
    void aSeamIsOfAnEdgeNotOfAFlood() {
        Cookie cookie = card(
                new Division.Bands("a", null, 3, null),
                flood("a1"),
                flood("a2"),
                flood("a3"),
                new Edge(Seam.FLOW, null, "a1 a2"));
        assertEquals(List.of(1, 1, 2), List.of(section(cookie, "a1"), section(cookie, "a2"), section(cookie, "a3")));
        assertEquals(25, cookie.passes().get(1).waitMinutes());
        Cookie deep = card(
                new Division.Bands("a", null, 3, null),
                flood("a1"),
                flood("a2"),
                flood("a3"),
                new Edge(Seam.FLOW, null, "a1 a2"),
                new Edge(Seam.CREASE, 60.0, "a2 a3"));
        assertEquals(60, deep.passes().get(1).waitMinutes(), "a deep crease");
        Cookie first = card(
                new Division.Bands("a", null, 2, null), flood("a1"), flood("a2"), new Edge(Seam.CREASE, 480.0, null));
        assertEquals(480, first.passes().get(1).waitMinutes(), "the first section dries for 8 h before the rest");
        double each = cookie.marks().get(0).mark().volumeMm3();
        double alone = card(new Division.Bands("a", null, 3, null), flood("a1"))
                .marks()
                .get(0)
                .mark()
                .volumeMm3();
        assertTrue(each > alone, "where they flow into each other they have no rim");
    }

    @Test
    void aSquiggleIsInThePassOfItsSection() {
        Cookie cookie = card(
                new Division.Bands("a", null, 2, null),
                new kindthimble.core.move.Squiggle("white", null),
                flood("a1"),
                flood("a2"));
        assertEquals(
                List.of(1, 2),
                cookie.marks().stream()
                        .filter(on -> on.move() == 1)
                        .map(OnCookie::pass)
                        .toList());
    }

    @Test
    void everyWallBeadIsInThePassOfItsFlood() {
        Cookie cookie = card(
                new Division.Bands("a", null, 3, null),
                new Outline("white", null, null, null, null, null),
                flood("a-odd"),
                flood("a-even"));
        assertEquals(
                List.of(1, 2),
                cookie.marks().stream()
                        .filter(on -> on.move() == 1)
                        .map(OnCookie::pass)
                        .sorted()
                        .toList());
    }

    @Test
    void markerOnARaisedLineWaitsTwoHours() {
        Cookie on = card(WHITE, line("rose", "M-20 0H20", Wait.DRY_THROUGH), marker("M0 -10V10"));
        assertEquals(120, waits(on, 2));
        Cookie beside = card(WHITE, line("rose", "M-20 0H20", Wait.DRY_THROUGH), marker("M-20 -20H20"));
        assertEquals(0, waits(beside, 2), "it waits for the coat alone, which has come");
    }

    @Test
    void gildingOfBeadsWaitsAnHourAndOfSmallDotsTwentyMinutes() {
        Paint gilding = new Paint("gold", Paint.What.DUST, null, Where.on("bead border 1"), null);
        assertEquals(60, waits(card(WHITE, Moves.beads("rose", 5), gilding), 2));
        assertEquals(20, waits(card(WHITE, Moves.beads("rose", 3), gilding), 2));
    }

    @Test
    void aStencilWaitsForTheAirbrush() {
        Cookie cookie = card(WHITE, new Airbrush("rose", null), Moves.stencil("coal", 30));
        assertEquals(
                List.of(0, 308, 10),
                cookie.passes().stream().map(Passes.Pass::waitMinutes).toList());
    }

    @Test
    void raisedOnRaisedWaitsForTheLineToShowOrToBear() {
        Cookie touching = card(WHITE, line("rose", "M-20 0H20", Wait.FIRM), line("coal", "M0 -20V20", Wait.FIRM));
        assertEquals(
                List.of(0, 100, 12),
                touching.passes().stream().map(Passes.Pass::waitMinutes).toList());
        Cookie onTop = card(WHITE, line("rose", "M-20 0H20", Wait.FIRM), line("coal", "M-10 0H10", Wait.FIRM));
        assertEquals(60, waits(onTop, 2));
        Cookie apart = card(WHITE, line("rose", "M-20 0H20", Wait.FIRM), line("coal", "M-20 8H20", Wait.FIRM));
        assertEquals(pass(apart, 1), pass(apart, 2), "one pass");
        Cookie oneIcing = card(WHITE, line("rose", "M-20 0H20", Wait.FIRM), line("rose", "M0 -20V20", Wait.FIRM));
        assertEquals(2, oneIcing.passes().size(), "lines of one icing are piped in one go");
    }

    /** The lens of a pair of goggles is painted, then the frame beside it is flooded. */
    @Test
    void aCoatListedAfterPaintBesideItWaitsForThat() {
        Cookie cookie = card(new Division.Bands("a", null, 2, null), flood("a1"), paint("a1"), flood("a2"));
        assertEquals(List.of(1, 2, 3), List.of(pass(cookie, 1), pass(cookie, 2), pass(cookie, 3)));
        assertEquals(
                List.of(0, 615, 10),
                cookie.passes().stream().map(Passes.Pass::waitMinutes).toList());
        Cookie wetToo = card(
                new Division.Bands("a", null, 2, null),
                flood("a1"),
                paint("a1"),
                flood("a2"),
                Moves.dots("rose", 3, 3, "a2"));
        assertEquals(3, pass(wetToo, 4), "what sinks in goes with its coat");
        Cookie far = card(new Division.Bands("a", null, 3, null), flood("a1"), paint("a1"), flood("a3"));
        assertEquals(1, pass(far, 3), "what is not beside it waits for nothing");
    }

    @Test
    void herOrderOfWhatOverlapsIsKept() {
        Cookie cookie = card(WHITE, line("rose", "M-20 0H20", Wait.FIRM), new Airbrush("gold", null));
        assertTrue(pass(cookie, 1) < pass(cookie, 2), "airbrush was listed after the line");
        Cookie other = card(WHITE, new Airbrush("gold", null), line("rose", "M-20 0H20", Wait.SURFACE_DRY));
        assertTrue(pass(other, 1) < pass(other, 2));
        assertEquals(10, waits(other, 2));
    }

    /** The coat has been dry long enough while other things waited. */
    @Test
    void whatHasComeIsNotWaitedForTwice() {
        Cookie cookie = card(
                WHITE,
                new Stencil("coal", 30, null, null, null),
                line("rose", "M-20 0H20", Wait.DRY_THROUGH),
                marker("M-20 -30H20"));
        assertEquals(
                List.of(0, 308, 307, 0),
                cookie.passes().stream().map(Passes.Pass::waitMinutes).toList());
        assertEquals(Gate.DRY_THROUGH, cookie.passes().get(2).gate());
        assertEquals(0, cookie.passes().get(2).after(), "the coat decides, not the stencil");
    }

    @Test
    void gatesTakeAsLongAsTheShopSays() {
        Habits quick = Habits.HOUSE.with(Habit.SKINNED_MINUTES, 12).with(Habit.HALF_DRY_MINUTES, 20);
        Measuring measuring = new Measuring(Kitchens.of(ShopSettings.house().with(quick), 15, Palette.UNKNOWN));
        Cookie cookie = measuring.measure(Moves.card(
                80, new Division.Bands("a", null, 2, null), flood(null), line("rose", "M0 -20V20", Wait.HALF_DRY)));
        assertEquals(
                List.of(0, 12, 20),
                cookie.passes().stream().map(Passes.Pass::waitMinutes).toList());
    }

    /** Gates come one after the other, each no sooner than the one before it. */
    @Test
    void laterGatesTakeLonger() {
        Gate before = Gate.WET;
        for (Gate gate : Gate.values()) {
            if (gate.isPastWet()) {
                assertTrue(gate.minutes(Habits.HOUSE) > before.minutes(Habits.HOUSE), gate.toString());
                before = gate;
            }
        }
        assertTrue(!Gate.WET.isPastWet() && !Gate.BARE_COOKIE.isPastWet());
        assertEquals(Stage.COAT, Stage.raised(Gate.BARE_COOKIE));
        assertEquals(Stage.COAT, Stage.raised(Gate.WET));
        assertEquals(Stage.RAISED, Stage.raised(Gate.FIRM));
    }

    /**
     * Whatever is listed: passes count up without gaps, each has work, what touches keeps her order, and by the waits between passes every
     * gate has come by the time that its mark goes on.
     */
    @Test
    void anyDesignIsInPassesThatHold() {
        Random random = new Random(11);
        for (int n = 0; n < 150; n++) {
            List<Move> moves = new ArrayList<>(List.of(new Division.Bands("a", null, 3, null)));
            moves.add(flood("a-odd"));
            int more = 1 + random.nextInt(7);
            for (int i = 0; i < more; i++) {
                moves.add(any(random));
            }
            moves.add(random.nextBoolean() ? flood("a2") : new Flood("rose", null, null, null, "a2", Seam.WALL));
            Cookie cookie = card(moves.toArray(Move[]::new));
            int[] ready = new int[cookie.passes().size() + 1];
            for (int i = 0; i < cookie.passes().size(); i++) {
                Passes.Pass pass = cookie.passes().get(i);
                assertEquals(i + 1, pass.number());
                assertTrue(cookie.marks().stream().anyMatch(on -> on.pass() == pass.number()), moves::toString);
                ready[i + 1] = ready[i] + pass.waitMinutes();
            }
            for (OnCookie upper : cookie.marks()) {
                int since = cookie.marks().stream()
                        .filter(lower -> lower.mark() instanceof kindthimble.core.mark.Coat coat
                                && lower.move() < upper.move()
                                && !upper.mark().extent().isEmpty()
                                && upper.mark()
                                        .extent()
                                        .touches(Extent.of(coat.covers().inset(0.3))))
                        .mapToInt(OnCookie::pass)
                        .max()
                        .orElse(0);
                if (since > 0 && upper.mark().stage() != Stage.COAT) {
                    assertTrue(
                            ready[upper.pass()] - ready[since]
                                    >= upper.mark().gate().minutes(Habits.HOUSE),
                            () -> upper.move() + " of " + moves);
                }
                for (OnCookie lower : cookie.marks()) {
                    if (lower.move() < upper.move()
                            && lower.mark().stage() != Stage.COAT
                            && upper.mark().stage() != Stage.COAT
                            && lower.mark().extent().touches(upper.mark().extent())
                            && cookie.sections().stream()
                                    .map(section -> Extent.of(section.region().inset(0.3)))
                                    .anyMatch(inner -> inner.touches(
                                                    lower.mark().extent())
                                            && inner.touches(upper.mark().extent()))) {
                        assertTrue(lower.pass() <= upper.pass(), () -> "against her: " + moves);
                    }
                }
            }
        }
    }

    private static Move any(Random random) {
        String path = "M%d %dl%d %d"
                .formatted(random.nextInt(50) - 30, random.nextInt(20) - 38, 4 + random.nextInt(8), random.nextInt(8));
        Wait waits = Wait.values()[random.nextInt(Wait.values().length)];
        return switch (random.nextInt(6)) {
            case 0 -> new Airbrush("gold", "a1");
            case 1 -> new Stencil("coal", 30, null, null, "a1");
            case 2 -> paint("a1");
            case 3 -> marker(path);
            case 4 -> line("rose", path, waits);
            default -> line("coal", path, waits);
        };
    }

    @Test
    void aPassSaysWhatWaitsForWhat() {
        Cookie cookie = card(WHITE, line("rose", "M-20 0H20", null), marker("M-20 0H20"));
        assertEquals(
                List.of("null null", "1 0", "2 1"),
                cookie.passes().stream()
                        .map(pass -> pass.move() + " " + pass.after())
                        .toList());
    }
}
