package kindthimble.core.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pen;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.HouseRecipes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Each kind of mark against its closed form: how much icing, how long the hands, when it goes on, how it is cut. */
class MarksTest {
    private static final BaseRecipe BASE = HouseRecipes.MERINGUE_POWDER;
    private static final Icing PIPING = new Icing("poppy", new Consistency(50), "2");
    private static final Icing FLOOD = new Icing("poppy", new Consistency(15), null);
    private static final Region SQUARE = Pen.following("M-20 -20H20V20H-20Z").region();
    private static final Lines STRAIGHT = Lines.through(List.of(new Spot(-20, 0), new Spot(20, 0)));
    private static final List<Spot> THREE = List.of(new Spot(-10, 0), new Spot(0, 0), new Spot(10, 0));
    private static final List<Pose> AT_THREE = THREE.stream().map(Pose::at).toList();

    /**
     * @param mark a mark
     * @param mm3 its volume
     * @param seconds hands by the house's figures
     * @param habit that those seconds go by
     * @param stage when it goes on
     * @param highMm how high it stands where it is cut at 0
     */
    private record Case(Mark mark, double mm3, double seconds, Habit habit, Stage stage, double highMm) {
        @Override
        public String toString() {
            return mark.getClass().getSimpleName() + " " + habit;
        }
    }

    static Stream<Case> cases() {
        return Stream.of(
                new Case(
                        new Coat(FLOOD, List.of(SQUARE), 2, 3000),
                        3000,
                        16 * 0.5 + 8,
                        Habit.FLOOD_SECONDS_PER_CM2,
                        Stage.COAT,
                        2),
                new Case(
                        new Coat(FLOOD, List.of(SQUARE), 2, 3000),
                        3000,
                        16 * 0.5 + 8,
                        Habit.NEEDLE_SECONDS,
                        Stage.COAT,
                        2),
                new Case(
                        new Coat(
                                new Icing("sky", new Consistency(3), null, Icing.Vessel.DIP_BOWL),
                                List.of(SQUARE),
                                1.2,
                                1900),
                        1900,
                        12,
                        Habit.DIP_SECONDS,
                        Stage.COAT,
                        1.2),
                new Case(
                        new Bead(PIPING, STRAIGHT, 40, 1.2, 0.85, Gate.FIRM, 1.6),
                        40 * Math.PI * 0.36 * 0.85,
                        4 * 1.6,
                        null,
                        Stage.RAISED,
                        Double.NaN),
                new Case(
                        new Bead(PIPING, STRAIGHT, 40, 1.2, 1, Gate.BARE_COOKIE, 0.8),
                        40 * Math.PI * 0.36,
                        4 * 0.8,
                        null,
                        Stage.COAT,
                        Double.NaN),
                new Case(
                        new WetDots(FLOOD, AT_THREE, 4, 2, 0.5, null),
                        3 * Math.PI * 4 * 2 * 0.5,
                        3 * 1.0,
                        Habit.DOT_SECONDS,
                        Stage.COAT,
                        1.24),
                new Case(
                        new WetDots(FLOOD, AT_THREE, 4, 2, 0.5, WetDots.Drag.HEARTS),
                        3 * Math.PI * 4 * 2 * 0.5,
                        3 * (1 + 2.0),
                        Habit.DRAG_SECONDS,
                        Stage.COAT,
                        1.24),
                new Case(
                        new WetLines(FLOOD, STRAIGHT, 40, 1.56, 2, 4, 0.4),
                        40 * 1.56 * 2 * 0.4,
                        4 * 0.8 + 4 * 2,
                        Habit.OUTLINE_SECONDS_PER_CM,
                        Stage.COAT,
                        Double.NaN),
                new Case(
                        new Balls(PIPING, THREE, 3, 0.1, Gate.DRY_THROUGH),
                        3 * Math.PI * 27 / 12 * 1.1,
                        3 * 0.7,
                        Habit.BEAD_SECONDS,
                        Stage.RAISED,
                        1.5),
                new Case(
                        new Pieces(PIPING, Pieces.PieceKind.STAR, AT_THREE, 9, 0.4, Gate.DRY_THROUGH),
                        3 * 0.4 * 1000 / 1.3,
                        3 * 2.5,
                        Habit.PIECE_SECONDS,
                        Stage.RAISED,
                        Double.NaN),
                new Case(
                        new Frill(PIPING, Frill.Border.RUFFLE, STRAIGHT, 5, 7, 0.45, Gate.DRY_THROUGH),
                        4 * 0.45 * 1000 / 1.3,
                        4 * 1.0,
                        Habit.RAISED_SECONDS_PER_CM,
                        Stage.RAISED,
                        Double.NaN),
                new Case(
                        new Frill(PIPING, Frill.Border.BRUSH_EMBROIDERY, STRAIGHT, 5, 1.6, 0.2, Gate.DRY_THROUGH),
                        4 * 0.2 * 1000 / 1.3,
                        4 * 3.0,
                        Habit.BRUSHED_SECONDS_PER_CM,
                        Stage.RAISED,
                        Double.NaN),
                new Case(
                        new Print(PIPING, SQUARE, 0.3, 0.4, 2, Gate.SURFACE_DRY),
                        1600 * 0.3 * 0.4,
                        2 * 45,
                        Habit.STENCIL_SECONDS,
                        Stage.STENCIL,
                        Double.NaN),
                new Case(
                        new Dabs(PIPING, SQUARE, 0.5, Gate.HALF_DRY),
                        800,
                        16 * 1.5,
                        Habit.DAB_SECONDS_PER_CM2,
                        Stage.RAISED,
                        Double.NaN),
                new Case(
                        new Transfers(FLOOD, 700, 400, 800, new Ahead(2, 0.15, 2)),
                        700,
                        4 * 0.5 + 2 * 4,
                        Habit.PIECE_NEEDLE_SECONDS,
                        Stage.AHEAD,
                        Double.NaN),
                new Case(new Marbling(FLOOD, STRAIGHT, 2, 120), 120, 0, null, Stage.COAT, Double.NaN));
    }

    @ParameterizedTest
    @MethodSource("cases")
    void isAsItsClosedFormSays(Case one) {
        Mark mark = one.mark();
        assertEquals(one.mm3(), mark.volumeMm3(), 1e-6 * one.mm3());
        assertEquals(one.seconds(), mark.handSeconds(Habits.HOUSE), 1e-9);
        assertEquals(one.stage(), mark.stage());
        if (!Double.isNaN(one.highMm())) {
            assertEquals(one.highMm(), mark.slices(0).get(0).heightMm(), 1e-9);
        }
    }

    /** Twice the figure is twice the share of the hands that goes by it, and no other figure of hands matters to that. */
    @ParameterizedTest
    @MethodSource("cases")
    void handsGoByTheirFigure(Case one) {
        double before = one.mark().handSeconds(Habits.HOUSE);
        if (one.habit() != null) {
            Habits twice =
                    Habits.HOUSE.with(one.habit(), 2 * one.habit().house().mean());
            assertTrue(one.mark().handSeconds(twice) > before, one.habit() + " matters");
        }
        Habits none = Habits.HOUSE;
        for (Habit habit : Habit.values()) {
            if (habit.chapter() == Habit.Chapter.HANDS) {
                none = none.with(habit, 0);
            }
        }
        boolean bySecondsOfItsOwn = one.mark() instanceof Bead;
        assertEquals(bySecondsOfItsOwn ? before : 0, one.mark().handSeconds(none), 1e-9);
    }

    @Test
    void aToneGoesFromBlackOverTheColourToWhite() {
        for (Map.Entry<Double, String> one : Map.of(0.0, "#804020", 1.0, "#ffffff", -1.0, "#000000", -0.5, "#402010")
                .entrySet()) {
            assertEquals(
                    one.getValue(),
                    Layer.toned(Layer.Role.SUNK, "rose", "M0 0L1 1", 1.0, one.getKey())
                            .shown("#804020"));
        }
        assertEquals("#804020", new Layer(Layer.Role.SUNK, "rose", "M0 0L1 1", 1.0).shown("#804020"));
    }

    /** Volume times density, but for what the shop weighs. */
    @Test
    void gramsAreVolumeTimesDensityOrAsWeighed() {
        Balls balls = new Balls(PIPING, THREE, 3, 0, Gate.DRY_THROUGH);
        assertEquals(1.2965 * balls.volumeMm3() / 1000, balls.grams(BASE), 1e-4);
        assertEquals(1.2, new Pieces(PIPING, Pieces.PieceKind.STAR, AT_THREE, 9, 0.4, Gate.FIRM).grams(BASE), 1e-12);
        assertEquals(1.8, new Frill(PIPING, Frill.Border.RUFFLE, STRAIGHT, 5, 7, 0.45, Gate.FIRM).grams(BASE), 1e-12);
        Placed glued = new Placed(PIPING, List.of(SQUARE), 0.3, 1.8, Gate.FIRM, 8, List.of());
        assertEquals(0.3, glued.grams(BASE), 1e-12);
        assertEquals(8, glued.handSeconds(Habits.HOUSE));
        assertEquals(Stage.RAISED, glued.stage());
        assertEquals(
                Stage.COAT, new Placed(null, List.of(SQUARE), 0, 1.8, Gate.WET, 8, List.of()).stage(), "dropped in");
        assertEquals(1600, glued.areaMm2(), 1e-9);
    }

    @Test
    void dressingHasNoIcing() {
        Supply dust = new Supply(Supply.Sort.DUST, "rose", 0.3);
        Dressing dressing = Dressing.over(SQUARE, "rose", Gate.DRY_THROUGH, Stage.MARKER, 32, List.of(dust));
        assertNull(dressing.icing());
        assertEquals(0, dressing.grams(BASE));
        assertEquals(1600, dressing.areaMm2(), 1e-9);
        assertEquals(32, dressing.handSeconds(Habits.HOUSE));
        assertEquals(List.of(dust), dressing.supplies());
        assertTrue(dressing.slices(0).isEmpty() && dressing.covers().isEmpty());
    }

    /** A disc cut beside its middle is as wide as its chord there. */
    @Test
    void cutsAreChords() {
        WetDots dot = new WetDots(FLOOD, List.of(new Pose(0, 0, 0)), 10, 2, 0.5, null);
        Slice chord = dot.slices(3).get(0);
        assertEquals(8, chord.toMm() - chord.fromMm(), 1e-9, "3, 4, 5");
        assertTrue(dot.slices(5.1).isEmpty());
        Balls ball = new Balls(PIPING, List.of(new Spot(0, 0)), 10, 0, Gate.FIRM);
        assertTrue(ball.slices(0).get(0).above(), "on the coat");
        assertTrue(!new Balls(PIPING, List.of(new Spot(0, 0)), 10, 0, Gate.BARE_COOKIE)
                .slices(0)
                .get(0)
                .above());
        Lines upright = Lines.through(List.of(new Spot(3, -5), new Spot(3, 5)));
        Slice bead =
                new Bead(PIPING, upright, 10, 1.2, 1, Gate.FIRM, 1).slices(0).get(0);
        assertEquals(2.4, bead.fromMm(), 1e-9);
        assertEquals(3.6, bead.toMm(), 1e-9);
        assertEquals(1.2, bead.heightMm(), 1e-9);
    }

    @Test
    void sparesAreTheLargerOfTheLeastAndTheShare() {
        Ahead sturdy = new Ahead(1, 0.15, 2);
        assertEquals(0, sturdy.sparesOf(0));
        assertEquals(2, sturdy.sparesOf(1));
        assertEquals(2, sturdy.sparesOf(13), "15 % of 13 are 1.95");
        assertEquals(3, sturdy.sparesOf(14), "2.1, rounded up");
        assertEquals(15, sturdy.sparesOf(100));
        assertEquals(30, new Ahead(2, 0.15, 2).sparesOf(200), "two on each");
        assertEquals(6, new Ahead(1, 0.3, 6).sparesOf(10));
    }

    @Test
    void suppliesKeepTheirColourWhereTheyHaveOne() {
        assertEquals("rose", new Supply(Supply.Sort.PEARLS, "rose", 3).colour());
        assertNull(new Supply(Supply.Sort.FILM, "rose", 3).colour());
        assertNull(new Supply(Supply.Sort.THINNER, "rose", 3).colour());
        assertThrows(IllegalArgumentException.class, () -> new Supply(Supply.Sort.PEARLS, "rose", -1));
        assertThrows(IllegalArgumentException.class, () -> new Supply(Supply.Sort.PEARLS, "rose", Double.NaN));
        assertEquals(
                List.of(new Supply(Supply.Sort.FILM, null, 8)),
                new Transfers(FLOOD, 700, 400, 800, new Ahead(2, 0.15, 2)).supplies(),
                "800 mm2 are 8 cm2");
    }
}
