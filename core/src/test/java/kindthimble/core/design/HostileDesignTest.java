package kindthimble.core.design;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.cutter.OwnForm;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Deadline;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.move.Division;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Move;
import kindthimble.core.move.RaisedLines;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import kindthimble.core.testing.OwnTime;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** Designs that nobody could ice, small to write and large to work out. */
class HostileDesignTest {
    static String star(int points) {
        StringBuilder path = new StringBuilder();
        for (int i = 0; i < points; i++) {
            double a = 2 * Math.PI * i * (points / 2) / points;
            path.append(i == 0 ? "M" : "L")
                    .append(Math.round(1000 * Math.cos(a)))
                    .append(' ')
                    .append(Math.round(1000 * Math.sin(a)));
        }
        return path.append('Z').toString();
    }

    static String comb(int teeth) {
        StringBuilder path = new StringBuilder("M0 0");
        for (int i = 0; i < teeth; i++) {
            path.append("V100H").append(2 * i + 1).append("V10H").append(2 * i + 2);
        }
        return path.append("V0Z").toString();
    }

    static String curves(int n) {
        StringBuilder path = new StringBuilder("M50 0");
        for (int i = 1; i <= n; i++) {
            double a = 2 * Math.PI * i / n;
            path.append("Q%.0f %.0f %.0f %.0f"
                    .formatted(
                            55 * Math.cos(a - Math.PI / n),
                            55 * Math.sin(a - Math.PI / n),
                            50 * Math.cos(a),
                            50 * Math.sin(a)));
        }
        return path.append('Z').toString();
    }

    static Design own(String path, Move... moves) {
        return design(new OwnForm.Drawn(path), moves);
    }

    static Design design(CutterShape shape, Move... moves) {
        return new Design(Design.FORMAT, "x", new Cutter(shape, Across.WIDTH, 90), null, null, List.of(moves));
    }

    static Map<String, Design> all() {
        Map<String, Design> all = new LinkedHashMap<>();
        for (int n : new int[] {51, 301, 501, 1001, 2501}) {
            all.put("star" + n, own(star(n), Moves.outline("a"), Moves.flood("b")));
        }
        for (int n : new int[] {20, 100, 300, 1000}) {
            all.put(
                    "comb" + n,
                    own(comb(n), Moves.outline("a"), Moves.flood("b"), Moves.dots("a", 60, 2), Moves.beads("a", 1)));
        }
        for (int n : new int[] {100, 500, 1000}) {
            all.put("curves" + n, own(curves(n), Moves.outline("a"), Moves.flood("b")));
        }
        List<Move> lines = new ArrayList<>(Collections.nCopies(
                199,
                Catalogue.with(
                        new RaisedLines("a", 60, null, 33.0, null, null, null, null, null, null),
                        "form",
                        RaisedLines.class.getRecordComponents()[2].getType().getEnumConstants()[2])));
        all.put("lines", design(new BasicForm.Round(), lines.toArray(Move[]::new)));
        List<Move> floods = new ArrayList<>();
        floods.add(new Division.Checks("a", null, 14));
        for (int i = 0; i < 198; i++) {
            floods.add(new Flood("c" + i, null, null, null, "a" + (i % 100 + 40), null));
        }
        all.put("checks", design(new BasicForm.Round(), floods.toArray(Move[]::new)));
        all.put(
                "dots",
                design(
                        new BasicForm.Round(),
                        Collections.nCopies(199, Moves.dots("a", 200, 1)).toArray(Move[]::new)));
        all.put(
                "beads",
                design(
                        new BasicForm.Round(),
                        Collections.nCopies(199, Moves.beads("a", 0.8)).toArray(Move[]::new)));
        all.put(
                "writing",
                design(
                        new BasicForm.Round(),
                        Collections.nCopies(199, Moves.writing("a", "Wonderful kite festival by the long sea", 3))
                                .toArray(Move[]::new)));
        all.put("letters", design(new OwnForm.Letter("K"), Moves.flood("a")));
        all.put(
                "letters20",
                design(
                        new BasicForm.Round(),
                        new Division.Lettering("a", null, "MMMMMMMMMMMMMMMMMMMM", 8),
                        new Flood("a", null, null, null, "a1", null),
                        Moves.beads("b", 0.8)));
        return all;
    }

    /** It is measured, or refused with a field; and where its time is over, soon after that. */
    @Test
    void everyDesignEndsSoon() {
        long longestMs = 600;
        all().forEach((name, design) -> {
            long from = OwnTime.nanos();
            try {
                Deadline.within(
                        Duration.ofMillis(longestMs),
                        () -> new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN))
                                .measure(design)
                                .layers());
            } catch (Refused refused) {
                assertTrue(
                        refused.field().startsWith("moves") || refused.field().startsWith("cutter"), name);
            } catch (TooMuch tooMuch) {
                assertTrue(tooMuch.getMessage().matches(".*(more to draw|too long).*"), name);
            }
            long tookMs = (OwnTime.nanos() - from) / 1_000_000;
            assertTrue(tookMs < longestMs + 2_000, () -> name + " took " + tookMs + " ms");
        });
    }

    @Test
    void whatIsTooMuchIsSaidOfItsMove() {
        Refused crossing = refused(own(star(501), Moves.flood("a")));
        assertEquals("cutter", crossing.field());
        assertTrue(crossing.getMessage().contains("crosses itself"));
        Refused letter = refused(design(new OwnForm.Letter("KK"), Moves.flood("a")));
        assertEquals("cutter.shape.letter", letter.field());
        Refused narrow = refused(own("M0 0H1V20000H0Z", Moves.flood("a")));
        assertTrue(narrow.getMessage().contains("a cookie is at most"));
        Refused slow = assertThrows(
                Refused.class,
                () -> Deadline.within(
                        Duration.ZERO,
                        () -> new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN))
                                .measure(design(new BasicForm.Round(), Moves.flood("a"), Moves.beads("a", 1)))));
        assertTrue(slow.getMessage().contains("too long"), slow.getMessage());
        // A figure of eight crosses itself once, and is two rounds.
        Cookie eight = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN))
                .measure(own("M0 0L40 40L40 0L0 40Z", Moves.flood("a")));
        assertEquals(0.5, eight.baked().areaMm2() / Math.pow(90 * 1.02, 2), 1e-6);
    }

    private static Refused refused(Design design) {
        return assertThrows(
                Refused.class,
                () -> new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN)).measure(design));
    }
}
