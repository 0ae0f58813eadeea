package kindthimble.core.tint;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.colour.Lab;

/**
 * What a shelf can reach: the colours of its gels and of their pairs, dried and rested, sorted by hue, lightness and how vivid they
 * are. Of each place one colour stands for all.
 */
public final class Reach {
    public static final int HUES = 24;
    public static final int RINGS = 6;
    private static final double LIGHTEST = 96;
    private static final double DARKEST = 18;
    private static final double GREY = 3;
    private static final double SOFT = 18;
    private static final double CLEAR = 42;
    private static final double[] DROPS = {0.1, 0.2, 0.4, 0.8, 1.5, 3, 6, 10, 16, 24, 36, 50, 65};
    private static final double[] SHARES = {0.03, 0.1, 0.2, 0.35, 0.5, 0.65, 0.8, 0.9, 0.97};

    private Reach() {}

    /** How vivid. */
    public enum Vividness {
        SOFT,
        CLEAR,
        VIVID
    }

    /**
     * A place on the wheel.
     *
     * @param hue 0 to {@value #HUES} - 1, red first, going by yellow
     * @param ring 0 to {@value #RINGS} - 1, the lightest first
     * @param vividness of the three wheels
     * @param colour that stands there
     */
    public record Place(int hue, int ring, Vividness vividness, Lab colour) {}

    /** All places that these gels fill. */
    public static List<Place> of(WhiteIcing white, List<Gel> gels) {
        Blend blend = new Blend(white, gels);
        Map<String, Place> places = new HashMap<>();
        for (int a = 0; a < gels.size(); a++) {
            for (double drops : DROPS) {
                put(blend.look(new int[] {a}, new double[] {drops}), places);
                for (int b = a + 1; b < gels.size(); b++) {
                    for (double share : SHARES) {
                        put(blend.look(new int[] {a, b}, new double[] {drops * share, drops * (1 - share)}), places);
                    }
                }
            }
        }
        List<Place> all = new ArrayList<>(places.values());
        all.sort((p, q) -> p.vividness() != q.vividness()
                ? p.vividness().compareTo(q.vividness())
                : p.ring() != q.ring() ? p.ring() - q.ring() : p.hue() - q.hue());
        return all;
    }

    private static void put(Lab colour, Map<String, Place> places) {
        if (colour.chroma() < GREY) {
            return;
        }
        double degrees = Math.toDegrees(Math.atan2(colour.b(), colour.a()));
        int hue = (int) Math.floor(Math.floorMod(Math.round(degrees * 10), 3600) / 10.0 / (360.0 / HUES));
        double along = (LIGHTEST - colour.l()) / (LIGHTEST - DARKEST);
        int ring = (int) Math.max(0, Math.min(RINGS - 1, Math.floor(along * RINGS)));
        Vividness vividness =
                colour.chroma() < SOFT ? Vividness.SOFT : colour.chroma() < CLEAR ? Vividness.CLEAR : Vividness.VIVID;
        Place place = new Place(hue, ring, vividness, colour);
        // The most vivid stands for its place.
        places.merge(
                vividness + "/" + ring + "/" + hue,
                place,
                (old, other) -> other.colour().chroma() > old.colour().chroma() ? other : old);
    }
}
