package kindthimble.core.move;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Marbling;

/**
 * Colours run through a wet coat, in a dip bowl or straight from their bags: each takes an equal part of their share, and the coat's own colour the rest.
 *
 * @param others keys of the colours that are run in; none for a plain coat
 * @param percent their share together, 0 to 100
 */
record Marbled(List<String> others, double percent) {
    private static final double SWING_MM = 3.2;
    private static final double CURL_MM = 37;
    private static final double SMALL_SWING_MM = 1.1;
    private static final double SMALL_CURL_MM = 11;
    private static final double STEP_MM = 0.8;

    /** In one colour. */
    static final Marbled PLAIN = new Marbled(List.of(), 0);

    /** The colours of those that are given, each once; the coat's own is none of them. */
    static Marbled of(String own, String second, String third, Double percent) {
        Set<String> others = new LinkedHashSet<>();
        Stream.of(second, third)
                .filter(other -> other != null && !other.isBlank() && !other.equals(own))
                .forEach(others::add);
        return new Marbled(List.copyOf(others), others.isEmpty() || percent == null ? 0 : percent);
    }

    /** The coat's own colour and theirs. */
    Set<String> with(String own) {
        Set<String> all = new LinkedHashSet<>(others);
        if (own != null) {
            all.add(own);
        }
        return all;
    }

    /** Share of the coat that is of its own colour. */
    double ownShare() {
        return 1 - percent / 100;
    }

    /**
     * Lays their veins into the coat that has just gone on.
     *
     * @param slot of the coats' slots, in which it went on
     * @param sections that it covers
     * @param mm3 of all colours together
     * @param icing of each colour
     */
    void lay(Ground ground, int slot, Collection<String> sections, double mm3, Function<String, Icing> icing) {
        if (others.isEmpty() || !(mm3 > 0)) {
            return;
        }
        Region region = ground.region(Set.copyOf(sections));
        List<Lines> veins =
                Strokes.eachAcross(region, Paint.VEINS * others.size(), Paint.VEIN_TILT, Strokes.Form.STRAIGHT);
        for (int of = 0; of < others.size(); of++) {
            List<Lines> own = new ArrayList<>();
            for (int i = of; i < veins.size(); i += others.size()) {
                double phase = i;
                own.add(veins.get(i)
                        .bent(STEP_MM, spot -> drawnOut(spot, phase))
                        .within(region));
            }
            ground.place(
                    slot,
                    sections,
                    new Marbling(
                            icing.apply(others.get(of)),
                            Lines.all(own),
                            2 * Paint.VEIN_MM,
                            mm3 * percent / 100 / others.size()));
        }
    }

    /** As a stick draws a vein out on its way: none runs like the one beside it. */
    private static Spot drawnOut(Spot spot, double phase) {
        double large = SWING_MM * Math.sin(2 * Math.PI * spot.x() / CURL_MM + 2.1 * phase);
        double small = SMALL_SWING_MM * Math.sin(2 * Math.PI * spot.x() / SMALL_CURL_MM + phase * phase);
        return new Spot(spot.x(), spot.y() + large + small);
    }
}
