package kindthimble.core.design;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.colour.Eyes;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.SharedEdge;
import kindthimble.core.habit.Habit;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.move.Writing;

/**
 * Whether a design can be seen: sections side by side that some eyes can't tell apart, and writing that is too faint on its ground.
 *
 * @param alike colours of neighbouring sections that become hard to tell apart
 * @param writing contrast of each piece of writing with what it lies on
 */
public record Seeing(List<Alike> alike, List<Contrast> writing) {
    /** Large letters need this contrast (WCAG 2.2, success criterion 1.4.3). */
    static final double LEAST_CONTRAST = 3;

    private static final double LEAST_EDGE_MM = 1;

    public Seeing {
        alike = List.copyOf(alike);
        writing = List.copyOf(writing);
    }

    /**
     * @param one key of a colour
     * @param other key of that of a section beside it
     * @param deltaE CIEDE2000 to most eyes
     * @param seen the same to other eyes; those that tell them apart are left out
     */
    public record Alike(String one, String other, double deltaE, Map<Eyes, Double> seen) {}

    /**
     * @param move index of the move that writes
     * @param colour key of its colour
     * @param ground key of the colour that it lies on
     * @param ratio of luminances, 1 to 21 (WCAG 2.2)
     * @param faint whether that is too little
     */
    public record Contrast(int move, String colour, String ground, double ratio, boolean faint) {}

    /** Looks at a design; colours that the palette does not know are passed over. */
    public static Seeing of(Cookie cookie, Kitchen kitchen) {
        Palette palette = kitchen.palette();
        return new Seeing(alike(cookie, palette, kitchen.mean(Habit.HARD_DELTA_E)), writing(cookie, palette));
    }

    /** Contrast of two colours as screens show them (WCAG 2.2). */
    public static double contrast(Lab one, Lab other) {
        double a = luminance(one) + 0.05;
        double b = luminance(other) + 0.05;
        return Math.max(a, b) / Math.min(a, b);
    }

    private static double luminance(Lab colour) {
        return Lab.ofHex(colour.hex()).xyz()[1];
    }

    private record Section(String colour, Region region) {}

    private static List<Section> sections(Cookie cookie, Palette palette) {
        List<Section> sections = new ArrayList<>();
        for (OnCookie on : cookie.marks()) {
            if (on.mark() instanceof Coat coat
                    && palette.colours().containsKey(coat.icing().colour())) {
                coat.regions()
                        .forEach(region -> sections.add(new Section(coat.icing().colour(), region)));
            }
        }
        return sections;
    }

    private static List<Alike> alike(Cookie cookie, Palette palette, double hardDeltaE) {
        List<Section> sections = sections(cookie, palette);
        Map<String, Alike> found = new LinkedHashMap<>();
        for (int i = 0; i < sections.size(); i++) {
            for (int j = 0; j < i; j++) {
                String one = sections.get(i).colour();
                String other = sections.get(j).colour();
                String pair = one.compareTo(other) < 0 ? one + "/" + other : other + "/" + one;
                if (one.equals(other) || found.containsKey(pair)) {
                    continue;
                }
                Alike alike = alike(one, other, palette, hardDeltaE);
                if (!alike.seen().isEmpty()
                        && SharedEdge.isLongerThan(
                                LEAST_EDGE_MM,
                                sections.get(i).region(),
                                sections.get(j).region())) {
                    found.put(pair, alike);
                }
            }
        }
        return List.copyOf(found.values());
    }

    private static Alike alike(String one, String other, Palette palette, double hardDeltaE) {
        Lab a = palette.colours().get(one);
        Lab b = palette.colours().get(other);
        Map<Eyes, Double> seen = new EnumMap<>(Eyes.class);
        for (Eyes eyes : Eyes.values()) {
            double apart = eyes.see(a).differenceTo(eyes.see(b));
            if (apart < hardDeltaE) {
                seen.put(eyes, apart);
            }
        }
        return new Alike(one, other, a.differenceTo(b), seen);
    }

    private static List<Contrast> writing(Cookie cookie, Palette palette) {
        Map<Integer, Contrast> found = new LinkedHashMap<>();
        for (int i = 0; i < cookie.marks().size(); i++) {
            OnCookie on = cookie.marks().get(i);
            if (!(cookie.design().moves().get(on.move()) instanceof Writing) || found.containsKey(on.move())) {
                continue;
            }
            String colour = on.mark().icing().colour();
            String ground = under(on.mark().covers(), cookie.marks().subList(0, i));
            Lab a = palette.colours().get(colour);
            Lab b = ground == null ? null : palette.colours().get(ground);
            if (a != null && b != null) {
                double ratio = contrast(a, b);
                found.put(on.move(), new Contrast(on.move(), colour, ground, ratio, ratio < LEAST_CONTRAST));
            }
        }
        return List.copyOf(found.values());
    }

    /** The colour of the coat that most of a mark lies on; null for bare cookie. */
    private static String under(Region mark, List<OnCookie> before) {
        String ground = null;
        double most = 0;
        for (OnCookie on : before) {
            if (on.mark() instanceof Coat coat) {
                double area = coat.covers().intersection(mark).areaMm2();
                if (area >= most && area > 0) {
                    most = area;
                    ground = coat.icing().colour();
                }
            }
        }
        return ground;
    }
}
