package kindthimble.core.move;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import kindthimble.core.catalogue.Filled;
import kindthimble.core.caution.Caution;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.FigureForm;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.design.Measuring;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Pen;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.SharedEdge;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.mark.Pieces;
import kindthimble.core.passes.Passes;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class SectionsTest {
    private static final Region DISC = new Pen().arc(0, 0, 37.8, 37.8, 0, 360).region();
    private final Measuring measuring = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN));

    private static Design round(Move... moves) {
        return Moves.round(80, 3.0, moves);
    }

    private static Flood flood(String on, Seam seam) {
        return Moves.flood("poppy", on, seam);
    }

    static Stream<Division> divisions() {
        return Stream.of(
                new Division.Bands("a", null, 7, 30.0),
                new Division.Spokes("a", null, 5, 40.0, 55.0, 10.0),
                new Division.Rings("a", null, 4),
                new Division.Checks("a", null, 5),
                new Division.Frame("a", null, 5),
                new Division.Horizon("a", null, 40, 20.0, 15.0),
                new Division.Lettering("a", null, "OK", 30),
                new Inlay("a", null, SmallForm.BOW, null, 30, 5.0, -3.0),
                new Inlay("a", null, null, "M0 0L10 0L4 9Z", 80, null, null));
    }

    /** What is divided is neither lost nor doubled. */
    @ParameterizedTest
    @MethodSource("divisions")
    void sectionsTogetherAreTheWhole(Division division) {
        List<Region> parts = Filled.of(division, Habits.HOUSE).sections(DISC);
        assertTrue(parts.size() >= 2);
        assertEquals(DISC.areaMm2(), parts.stream().mapToDouble(Region::areaMm2).sum(), 0.01);
        for (int i = 0; i < parts.size(); i++) {
            for (int j = i + 1; j < parts.size(); j++) {
                assertEquals(0, parts.get(i).intersection(parts.get(j)).areaMm2(), 0.01);
            }
        }
    }

    /** Two halves of the worked disc: wet together they meet flat, with a crease each has its own rim. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 25, -77.3})
    void halvesOfTheWorkedDiscHoldTheirFigures(double tilt) {
        Division halves = new Division.Bands("a", null, 2, tilt);
        Cookie flowing = measuring.measure(round(halves, flood("a", Seam.FLOW)));
        assertEquals(1, flowing.passes().size());
        assertEquals(2 * 4441.7, flowing.marks().get(0).mark().volumeMm3(), 1.5);
        Cookie creased = measuring.measure(round(halves, flood("a", Seam.CREASE)));
        assertEquals(2, creased.passes().size());
        assertEquals(Gate.SKINNED, creased.passes().get(1).gate());
        assertEquals(4376.8, creased.marks().get(0).mark().volumeMm3(), 1.5);
        assertEquals(4376.8, creased.marks().get(1).mark().volumeMm3(), 1.5);
    }

    @Test
    void sharedEdgeOfTheHalvesIsTheirDiameter() {
        List<Region> halves = new Division.Bands("a", null, 2, 25.0).sections(DISC);
        assertEquals(75.6, SharedEdge.lengthMm(halves.get(0), halves.get(1)), 0.1);
        List<Region> checks = new Division.Checks("a", null, 4).sections(DISC);
        assertTrue(SharedEdge.lengthMm(checks.get(0), checks.get(2)) < 1, "checks of one colour meet in corners only");
    }

    @Test
    void bandsAreIcedEveryOtherAndAWheelOfFiveTakesThree() {
        Cookie bands = measuring.measure(round(new Division.Bands("a", null, 6, null), flood(null, null)));
        assertEquals(
                List.of(1, 2, 1, 2, 1, 2),
                bands.sections().stream().map(Cookie.Section::pass).toList());
        Cookie wheel = measuring.measure(round(new Division.Spokes("a", null, 5, null, null, null), flood(null, null)));
        assertEquals(3, wheel.passes().size());
        Cookie walled = measuring.measure(round(new Division.Bands("a", null, 6, null), flood(null, Seam.WALL)));
        assertEquals(1, walled.passes().size());
    }

    /** A shared outline is piped once: outer edges and one line between, each half a bead inside. */
    @Test
    void outlineBetweenTwoSectionsIsCountedOnce() {
        Design halves = new Design(
                Design.FORMAT,
                "Card",
                new Cutter(new BasicForm.Square(), Across.WIDTH, 80),
                0.0,
                0.0,
                List.of(
                        new Division.Bands("a", null, 2, null),
                        new Outline("a", "2", null, null, null, null),
                        flood("a", null)));
        double length = measuring.measure(halves).marks().stream()
                .filter(on -> on.move() == 1)
                .mapToDouble(on -> on.mark().lengthMm())
                .sum();
        // First half whole: 2 (38.8 + 78.8); the second without its inner side, which also ends 0.9 mm off the first.
        assertEquals(2 * (38.8 + 78.8) + 78.8 + 2 * 38.8, length, 1.5);
    }

    @Test
    void wordsNameSectionsAndWrongOnesAreRefused() {
        Sections sections = new Sections(DISC);
        sections.divide(new Division.Bands("a", null, 4, 0.0));
        sections.divide(new Division.Horizon("b", "a2", 50, 0.0, 0.0));
        assertEquals(Set.of("a1", "b1", "b2", "a3", "a4"), sections.leaves().keySet());
        assertEquals(Set.of("a1", "a3"), sections.named("a-odd"));
        assertEquals(Set.of("b1", "b2", "a4"), sections.named("a-even"));
        assertEquals(Set.of("b1", "b2"), sections.named("a2"));
        assertEquals(Set.of("a1", "b2"), sections.named(" a1, b2"));
        assertThrows(Refused.class, () -> sections.named("c"));
        assertThrows(Refused.class, () -> sections.divide(new Division.Bands("a", null, 2, null)));
        sections.divide(new Division.Bands("c", "a2", 2, 0.0));
        assertEquals(Set.of("c1", "c2", "c3", "c4"), sections.named("a2"), "both halves of it");
    }

    @Test
    void whatNoOtherCoatCoversIsTheRest() {
        Cookie cookie =
                measuring.measure(round(new Division.Rings("a", null, 3), flood("a2", null), Moves.flood("white")));
        assertEquals(
                cookie.iced().areaMm2(),
                cookie.marks().stream().mapToDouble(on -> on.mark().areaMm2()).sum(),
                0.01);
    }

    /** Closed forms of craft.md on a square of 60 mm without margin. */
    @Test
    void marksTakeWhatTheirFormulasSay() {
        Cookie cookie = measuring.measure(new Design(
                Design.FORMAT,
                "Card",
                new Cutter(new BasicForm.Square(), Across.WIDTH, 60),
                0.0,
                0.0,
                List.of(
                        new Spatula("w", null, null, null, null),
                        new Stripe("a", null, null, 4, null, null, null, "2", null, null, null, null),
                        new RaisedLines("b", 2, null, 90.0, null, "3", null, null, null, null),
                        Moves.beads("c", 3),
                        Moves.stencil("d", 30),
                        new Piece("e", Pieces.PieceKind.LEAF, 4, 8, null, null, null),
                        new Marker("f", null, 1, null, null, null, null, null, null, null))));
        List<OnCookie> marks = cookie.marks();
        assertEquals(3600 * 3, marks.get(0).mark().volumeMm3(), 1e-6);
        assertEquals(4 * 60 * 1.2 * 1.3 * 3.0 / 2, marks.get(1).mark().volumeMm3(), 0.5);
        assertEquals(2 * 60 * Math.PI * 1.6 * 1.6 / 4, marks.get(2).mark().volumeMm3(), 0.5);
        long beads = Math.round(4 * 57 / (0.85 * 3));
        assertEquals(beads * Math.PI * 27 / 12 * 1.1, marks.get(3).mark().volumeMm3(), 1e-6);
        assertEquals(3600 * 0.3 * 0.3, marks.get(4).mark().volumeMm3(), 1e-6);
        assertEquals(
                4 * 8 * 5 * 0.6 * 2 * 0.0013,
                marks.get(5).mark().grams(HouseRecipes.MERINGUE_POWDER),
                0.002,
                "four of 8 x 5 mm");
        assertEquals(0, marks.get(6).mark().grams(HouseRecipes.MERINGUE_POWDER));
        // As they are listed: beads touch the lines, the stencil is laid over both, leaves on that.
        assertEquals(
                List.of(Stage.COAT, Stage.RAISED, Stage.RAISED, Stage.STENCIL, Stage.RAISED, Stage.MARKER),
                cookie.passes().stream().map(Passes.Pass::stage).toList());
    }

    /** A stroke of 20 by 1.5 mm is a card of that size: its outline has to tell both, and straight writing is near its height. */
    @Test
    void writingIsAsLongAsItsStrokes() {
        Region stroke = new Pen()
                .moveTo(0, 0)
                .lineTo(20, 0)
                .lineTo(20, 1.5)
                .lineTo(0, 1.5)
                .region();
        assertEquals(1.5, stroke.strokeWidthMm(), 1e-9);
        assertEquals(20, stroke.areaMm2() / stroke.strokeWidthMm(), 1e-9);
        Cookie cookie = measuring.measure(round(flood(null, null), Moves.writing("coal", "l", 20)));
        double volume = cookie.marks().get(1).mark().volumeMm3();
        assertEquals(20, volume / (Math.PI * 0.64 / 4), 6);
    }

    @Test
    void stencilOnCreasesCanBeMadeFlatWithOnePress() {
        Design creased = round(new Division.Bands("a", null, 4, null), flood(null, null), Moves.stencil("coal", 30));
        Caution caution = measuring.measure(creased).cautions().stream()
                .filter(c -> "Let them flow".equals(c.press()))
                .findFirst()
                .orElseThrow();
        Cookie flat = measuring.measure(round(caution.moves().toArray(Move[]::new)));
        assertEquals(
                List.of(Stage.COAT, Stage.STENCIL),
                flat.passes().stream().map(Passes.Pass::stage).toList());
        assertTrue(flat.cautions().stream().noneMatch(c -> "Let them flow".equals(c.press())));
    }

    @Test
    void craterAndItsRemedy() {
        Design drop = new Design(
                Design.FORMAT,
                "Drop",
                new Cutter(new FigureForm.Drop(), Across.WIDTH, 11),
                null,
                null,
                List.of(Moves.flood("sky")));
        Caution caution = measuring.measure(drop).cautions().get(0);
        assertTrue(caution.sentence().contains("crater"));
        Design mended = new Design(Design.FORMAT, "Drop", drop.cutter(), null, null, caution.moves());
        assertTrue(measuring.measure(mended).cautions().stream()
                .noneMatch(c -> c.sentence().contains("crater")));
    }

    /** Bands of 2, 1 and 2 shares of a square of 60 mm are 24, 12 and 24 mm wide. */
    @Test
    void bandsAreAsWideAsTheirShares() {
        Sections sections = new Sections(new Pen()
                .moveTo(0, 0)
                .lineTo(60, 0)
                .lineTo(60, 60)
                .lineTo(0, 60)
                .region());
        sections.divide(new Division.Bands("a", null, 9, 0.0, "2 1 2", null));
        assertEquals(
                List.of(24.0, 12.0, 24.0),
                sections.leaves().values().stream()
                        .map(band -> Math.rint(band.areaMm2() / 60 * 1e6) / 1e6)
                        .toList());
        for (String wrong : List.of("2", "a b", "1 0", "1 -2", "9".repeat(30))) {
            assertThrows(
                    Refused.class,
                    () -> new Sections(sections.whole()).divide(new Division.Bands("a", null, 2, 0.0, wrong, null)),
                    wrong);
        }
    }

    /** Two of three bands are cut in three each: their parts are numbered through, and nothing is lost. */
    @Test
    void severalSectionsAreDividedAtOnce() {
        Sections sections = new Sections(new Pen()
                .moveTo(0, 0)
                .lineTo(60, 0)
                .lineTo(60, 60)
                .lineTo(0, 60)
                .region());
        sections.divide(new Division.Bands("a", null, 3, 0.0));
        sections.divide(new Division.Bands("b", "a-odd", 3, 90.0));
        assertEquals(
                List.of("b1", "b2", "b3", "a2", "b4", "b5", "b6"),
                List.copyOf(sections.leaves().keySet()));
        assertEquals(
                3600,
                sections.leaves().values().stream().mapToDouble(Region::areaMm2).sum(),
                1e-6);
        assertEquals(Set.of("b1", "b2", "b3"), sections.named("a1"));
        assertEquals(Set.of("b1", "b3", "b5"), sections.named("b-odd"));
        assertThrows(Refused.class, () -> sections.divide(new Division.Bands("c", null, 2, 0.0)));
    }

    /** Lines of three colours take turns; one drag goes through all of them. */
    @Test
    void wetLinesOfSeveralColoursTakeTurns() {
        Stripe stripe = new Stripe("a", "b", "c", 7, null, 0.0, null, "2", null, 4, null, null);
        Cookie cookie = measuring.measure(Moves.card(60, flood(null, null), stripe));
        List<Mark> lines = cookie.marks().stream()
                .filter(on -> on.move() == 1)
                .map(OnCookie::mark)
                .toList();
        assertEquals(
                List.of("a", "b", "c"),
                lines.stream().map(mark -> mark.icing().colour()).toList());
        Stripe plain = new Stripe("a", null, null, 7, null, 0.0, null, "2", null, 4, null, null);
        Mark all = measuring
                .measure(Moves.card(60, flood(null, null), plain))
                .marks()
                .get(1)
                .mark();
        assertEquals(
                all.volumeMm3(), lines.stream().mapToDouble(Mark::volumeMm3).sum(), 1e-6);
        assertEquals(
                all.handSeconds(Habits.HOUSE),
                lines.stream()
                        .mapToDouble(mark -> mark.handSeconds(Habits.HOUSE))
                        .sum(),
                1e-6);
        assertTrue(lines.get(0).volumeMm3() > lines.get(1).volumeMm3(), "three of seven, then two");
    }

    @Test
    void aBandAndItsMirrorImageAreOneSection() {
        Sections sections = new Sections(square(60));
        sections.divide(new Division.Bands("a", null, 9, 0.0, "1 2 3", Division.Bands.Mirrored.FROM_BOTH_SIDES));
        assertEquals(
                List.of(10.0, 20.0, 30.0),
                sections.leaves().values().stream()
                        .map(band -> Math.rint(band.areaMm2() / 60 * 1e6) / 1e6)
                        .toList(),
                "both sides together; the last one is the middle");
        sections.leaves()
                .values()
                .forEach(band -> assertEquals(30, band.box().x() + band.box().widthMm() / 2, 1e-9));
    }

    @Test
    void curvedWedgesAreAsLargeAsStraightOnes() {
        Region disc = SmallForm.region(SmallForm.DISC, null, 80);
        Sections sections = new Sections(disc);
        sections.divide(new Division.Spokes("a", null, 7, 50.0, 50.0, 10.0, 75.0));
        assertEquals(7, sections.leaves().size());
        double all = 0;
        for (Region wedge : sections.leaves().values()) {
            assertEquals(disc.areaMm2() / 7, wedge.areaMm2(), 0.005 * disc.areaMm2() / 7);
            all += wedge.areaMm2();
        }
        assertEquals(disc.areaMm2(), all, 1e-6 * all);
        Region straight = new Division.Spokes("a", null, 7, 50.0, 50.0, 10.0, 0.0)
                .sections(disc)
                .get(0);
        Region curved = sections.leaves().get("a1");
        assertTrue(curved.intersection(straight).areaMm2() < 0.8 * curved.areaMm2(), "it turns on its way out");
        assertTrue(curved.perimeterMm() > 1.02 * straight.perimeterMm());
    }

    private static Region square(double mm) {
        return new Pen().moveTo(0, 0).lineTo(mm, 0).lineTo(mm, mm).lineTo(0, mm).region();
    }
}
