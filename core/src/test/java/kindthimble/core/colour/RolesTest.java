package kindthimble.core.colour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.design.Design;
import kindthimble.core.move.Dip;
import kindthimble.core.move.Flood;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

class RolesTest {
    private static final Lab RED = Lab.ofHex("#D5473F");
    private static final Lab GOLD = Lab.ofHex("#FFB14E");
    private static final Lab COAL = Lab.ofHex("#3A3330");
    private static final Lab WHITE = Lab.ofHex("#F6F6F0");
    private static final Lab BLUE = Lab.ofHex("#4A5E8C");

    @Test
    void palestAndDarkestKeepTheirPartsAndTheRestGoByAmount() {
        Palette palette = new Palette(Map.of("r", RED, "g", GOLD, "c", COAL, "w", WHITE));
        assertEquals(
                Map.of("w", "white", "g", "main", "r", "second", "c", "dark"),
                Roles.of(Map.of("w", 9.0, "g", 3.0, "r", 2.0, "c", 0.1), palette));
        assertEquals(Map.of("r", "main"), Roles.of(Map.of("r", 1.0), palette), "a lone red is no dark");
        Map<String, Double> many = new LinkedHashMap<>();
        Map<String, Lab> looks = new LinkedHashMap<>();
        for (int i = 0; i < 6; i++) {
            many.put("k" + i, 10.0 - i);
            looks.put("k" + i, new Lab(60, 20 - 8 * i, 5 * i));
        }
        assertEquals(
                List.of("main", "second", "accent", "accent-2", "accent-3", "accent-4"),
                List.copyOf(Roles.of(many, new Palette(looks)).values()));
    }

    @Test
    void castTakesTheNearestAndEachOnceWhileThereAreEnough() {
        Map<String, Lab> looks = new LinkedHashMap<>();
        looks.put("main", RED);
        looks.put("second", Lab.ofHex("#C8503F"));
        looks.put("dark", COAL);
        Map<String, String> cast = Roles.cast(looks, Map.of("rust", Lab.ofHex("#D04A40"), "navy", BLUE, "ink", COAL));
        assertEquals(Map.of("main", "rust", "second", "navy", "dark", "ink"), cast);
        assertEquals(Map.of("main", "navy", "second", "navy", "dark", "navy"), Roles.cast(looks, Map.of("navy", BLUE)));
    }

    @Test
    void recolouringReachesEveryColourOfEveryMove() {
        Design design = Moves.card(60, new Dip("r", "g", null, null, null), Moves.dots("r", 3, 3), Moves.flood("w"));
        Design other = design.recoloured(key -> key.equals("r") ? "blue" : key);
        assertTrue(List.of("blue", "g", "w").containsAll(other.colours())
                && other.colours().size() == 3);
        assertEquals("w", ((Flood) other.moves().get(2)).colour());
        assertEquals(60, other.cutter().sizeMm());
    }
}
