package kindthimble.core.design;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Filled;
import kindthimble.core.caution.Caution;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.cutter.FigureForm;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.SharedEdge;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.mark.Pieces;
import kindthimble.core.move.Division;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Marker;
import kindthimble.core.move.Move;
import kindthimble.core.move.Piece;
import kindthimble.core.move.RaisedLines;
import kindthimble.core.move.Seam;
import kindthimble.core.move.Sections;
import kindthimble.core.move.Sprinkle;
import kindthimble.core.move.Stripe;
import kindthimble.core.passes.Passes;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** What holds for any design, in whatever order its moves stand: on some hundred drawn at random. */
class AnyDesignTest {
    private static final String[] COLOURS = {"white", "coal", "poppy", "sky"};
    private static final Palette PALETTE = new Palette(Map.of(
            "white", Lab.ofHex("#F6F6F0"),
            "coal", Lab.ofHex("#3A3330"),
            "poppy", Lab.ofHex("#D5473F"),
            "sky", Lab.ofHex("#BFE9F3")));
    private static final CutterShape[] SHAPES = {
        new BasicForm.Round(), new BasicForm.Square(), new FigureForm.Heart(), new BasicForm.Star(null, null)
    };

    private final Random random = new Random(1125);

    private String colour() {
        return COLOURS[random.nextInt(COLOURS.length)];
    }

    private Division division() {
        return switch (random.nextInt(4)) {
            case 0 -> new Division.Bands("a", null, 2 + random.nextInt(6), random.nextInt(180) - 90.0);
            case 1 -> new Division.Spokes("a", null, 2 + random.nextInt(7), null, null, null);
            case 2 -> new Division.Rings("a", null, 2 + random.nextInt(3));
            default -> new Division.Checks("a", null, 2 + random.nextInt(4));
        };
    }

    private Move move(boolean divided) {
        String on = divided && random.nextBoolean() ? random.nextBoolean() ? "a-odd" : "a1" : null;
        return switch (random.nextInt(9)) {
            case 0 -> Moves.outline(colour());
            case 1 -> new Flood(colour(), null, null, null, on, random.nextBoolean() ? Seam.FLOW : null);
            case 2 -> Moves.dots(colour(), 1 + random.nextInt(5), 2, on);
            case 3 -> Moves.line(colour());
            case 4 -> new RaisedLines(colour(), 1 + random.nextInt(3), null, null, null, null, null, null, null, on);
            case 5 -> new Stripe(colour(), null, null, 2, null, 20.0, null, null, null, null, null, on);
            case 6 -> new Piece(colour(), Pieces.PieceKind.STAR, 2, 4, null, null, on);
            case 7 -> new Sprinkle(colour(), Sprinkle.What.values()[random.nextInt(4)], 5, null, on);
            default -> new Marker(colour(), null, 1, null, null, null, null, null, null, on);
        };
    }

    private Design design() {
        List<Move> moves = new ArrayList<>();
        boolean divided = random.nextBoolean();
        if (divided) {
            moves.add(division());
        }
        for (int i = random.nextInt(7); i >= 0; i--) {
            moves.add(move(divided));
        }
        return Moves.design(
                SHAPES[random.nextInt(SHAPES.length)], 60 + random.nextInt(50), null, moves.toArray(Move[]::new));
    }

    private Measuring measuring() {
        Filling filling = Filling.values()[random.nextInt(Filling.values().length)];
        return new Measuring(Kitchens.of(ShopSettings.house(), 10 + random.nextInt(16), PALETTE, filling));
    }

    @Test
    void isMeasuredOrRefusedInASentence() {
        int measured = 0;
        for (int i = 0; i < 150; i++) {
            Design design = design();
            try {
                Cookie cookie = measuring().measure(design);
                measured++;
                marksAreSound(cookie);
                creasesAreNeverWetTogether(cookie);
                passesCountUp(cookie);
                pressesLeaveADesign(cookie);
            } catch (Refused refused) {
                assertFalse(refused.getMessage().isBlank());
                assertTrue(refused.field().startsWith("moves["), refused::field);
            }
        }
        assertTrue(measured > 100, "most of them can be made: " + measured);
    }

    private static void marksAreSound(Cookie cookie) {
        for (OnCookie on : cookie.marks()) {
            assertTrue(on.mark().volumeMm3() >= 0 && on.mark().handSeconds(Habits.HOUSE) >= 0);
            assertTrue(on.pass() <= cookie.passes().size());
        }
        assertEquals(
                cookie.marks().stream()
                        .mapToDouble(on -> on.mark().grams(HouseRecipes.MERINGUE_POWDER))
                        .sum(),
                cookie.grams(HouseRecipes.MERINGUE_POWDER),
                1e-9);
    }

    /** Two sections that touch and are both coated are in one pass only where one of them flows. */
    private static void creasesAreNeverWetTogether(Cookie cookie) {
        Map<String, Region> regions = regions(cookie);
        boolean flows =
                cookie.design().moves().stream().anyMatch(move -> move instanceof Flood f && f.seam() == Seam.FLOW);
        for (Cookie.Section one : cookie.sections()) {
            for (Cookie.Section other : cookie.sections()) {
                if (one != other && one.pass() > 0 && one.pass() == other.pass() && !flows) {
                    assertFalse(SharedEdge.isLongerThan(1, regions.get(one.name()), regions.get(other.name())));
                }
            }
        }
    }

    private static Map<String, Region> regions(Cookie cookie) {
        Sections sections = new Sections(cookie.iced());
        cookie.design().moves().stream()
                .filter(Division.class::isInstance)
                .forEach(move -> sections.divide((Division) Filled.of(move, Habits.HOUSE)));
        return sections.leaves();
    }

    private static void passesCountUp(Cookie cookie) {
        int number = cookie.passes().get(0).number();
        assertTrue(number == 0 || number == 1);
        for (Passes.Pass pass : cookie.passes()) {
            assertEquals(number++, pass.number());
            assertTrue(pass.waitMinutes() >= 0);
            assertTrue(cookie.marks().stream().anyMatch(on -> on.pass() == pass.number()), "an empty pass");
        }
    }

    /** What a press leaves can be stored: it passes its own checks, and all of its moves are known to the catalogue. */
    private void pressesLeaveADesign(Cookie cookie) {
        for (Caution caution : cookie.cautions()) {
            assertFalse(caution.sentence().isBlank());
            assertTrue(caution.radiusMm() > 0);
            if (caution.press() == null) {
                continue;
            }
            Design after = Moves.with(cookie.design(), caution.moves());
            after.check();
            caution.moves().forEach(move -> Catalogue.word(move.getClass()));
        }
    }
}
