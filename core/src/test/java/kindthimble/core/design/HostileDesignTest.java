package kindthimble.core.design;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.cutter.OwnForm;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Deadline;
import kindthimble.core.move.Division;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Move;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

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
        return new Design(1, "x", new Cutter(shape, Across.WIDTH, 90), null, null, List.of(moves));
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
                kindthimble.core.catalogue.Catalogue.with(
                        new kindthimble.core.move.Rule("a", 60, null, 33.0, null, null, null, null, null, null),
                        "form",
                        kindthimble.core.move.Rule.class.getRecordComponents()[2].getType()
                                .getEnumConstants()[2])));
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

    @Test
    void everyDesignEndsInTime() {
        Map<String, Design> all = all();
        all.forEach((name, design) -> {
            long from = System.nanoTime();
            String how;
            try {
                Cookie cookie = Deadline.within(Duration.ofSeconds(2), () -> {
                    Cookie c = new Measuring(HouseDefaults.shop(), 15, Palette.UNKNOWN).measure(design);
                    c.layers();
                    return c;
                });
                how = "marks " + cookie.marks().size() + " picture "
                        + cookie.layers().stream()
                                .mapToInt(l -> l.path().length())
                                .sum();
            } catch (Refused refused) {
                how = refused.field() + ": " + refused.getMessage();
            } catch (Throwable e) {
                how = e.toString();
            }
            System.out.printf(
                    "%-12s %6d ms  %s%n",
                    name, (System.nanoTime() - from) / 1_000_000, how.substring(0, Math.min(140, how.length())));
        });
        assertTrue(true);
    }
}
