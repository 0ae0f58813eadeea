package kindthimble.core.colour;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The part that each colour plays in a design, so that the same design can be iced in other colours: the palest is <em>white</em>,
 * the darkest is <em>dark</em>, the others are <em>main</em>, <em>second</em>, <em>accent</em> and so on by how much of each there is.
 */
public final class Roles {
    /** White has at least this lightness, and at most this chroma. */
    private static final double LEAST_WHITE_L = 90;

    private static final double MOST_WHITE_CHROMA = 8;

    /** Dark has at most this lightness. */
    private static final double MOST_DARK_L = 40;

    private static final List<String> BY_AMOUNT = List.of("main", "second", "accent");

    private Roles() {}

    /**
     * The role of each colour of a design.
     *
     * @param grams of each colour on one cookie, by key
     * @param palette how they look
     * @return by key: {@code white}, {@code dark}, {@code main}, {@code second}, {@code accent}, {@code accent-2} …
     */
    public static Map<String, String> of(Map<String, Double> grams, Palette palette) {
        List<String> keys = new ArrayList<>(grams.keySet());
        keys.sort((a, b) -> Double.compare(grams.get(b), grams.get(a)));
        Map<String, String> roles = new LinkedHashMap<>();
        String white = extreme(keys, palette, 1);
        String dark = extreme(keys, palette, -1);
        int others = 0;
        for (String key : keys) {
            if (key.equals(white)) {
                roles.put(key, "white");
            } else if (key.equals(dark)) {
                roles.put(key, "dark");
            } else {
                roles.put(
                        key,
                        others < BY_AMOUNT.size()
                                ? BY_AMOUNT.get(others)
                                : "accent-" + (others - BY_AMOUNT.size() + 2));
                others++;
            }
        }
        return roles;
    }

    private static String extreme(List<String> keys, Palette palette, int way) {
        String found = null;
        double best = 0;
        for (String key : keys) {
            Lab lab = palette.colours().get(key);
            boolean fits = lab != null
                    && (way > 0
                            ? lab.l() >= LEAST_WHITE_L && lab.chroma() <= MOST_WHITE_CHROMA
                            : lab.l() <= MOST_DARK_L);
            if (fits && (found == null || way * lab.l() > best)) {
                found = key;
                best = way * lab.l();
            }
        }
        return found;
    }

    /**
     * Colours of another palette for the roles of a design: white for white and dark for dark, and for each other role, in order,
     * the nearest of those not taken yet (the nearest of all when none is left).
     *
     * @param looks how each role looked, by role, in order
     * @param palette the other palette, not empty
     * @return a key of that palette by role
     */
    public static Map<String, String> cast(Map<String, Lab> looks, Map<String, Lab> palette) {
        Map<String, String> cast = new LinkedHashMap<>();
        List<String> free = new ArrayList<>(palette.keySet());
        List<String> order = new ArrayList<>(looks.keySet());
        order.sort((a, b) -> Boolean.compare(isFixed(b), isFixed(a)));
        for (String role : order) {
            String key = nearest(looks.get(role), free.isEmpty() ? List.copyOf(palette.keySet()) : free, palette);
            free.remove(key);
            cast.put(role, key);
        }
        return cast;
    }

    private static boolean isFixed(String role) {
        return role.equals("white") || role.equals("dark");
    }

    private static String nearest(Lab look, List<String> keys, Map<String, Lab> palette) {
        String best = keys.get(0);
        for (String key : keys) {
            if (look.differenceTo(palette.get(key)) < look.differenceTo(palette.get(best))) {
                best = key;
            }
        }
        return best;
    }
}
