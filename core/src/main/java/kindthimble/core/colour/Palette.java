package kindthimble.core.colour;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How the colours of an order look when dry.
 *
 * @param colours by key
 */
public record Palette(Map<String, Lab> colours) {
    /** No colour is known: nothing can be said of dark and light. */
    public static final Palette UNKNOWN = new Palette(Map.of());

    public Palette {
        colours = Map.copyOf(colours);
    }

    /**
     * How much darker one colour is than another, in L*; 0 when either is unknown.
     *
     * @param dark key of the colour that lies on or beside the other; may be null
     * @param light key of the other; may be null
     */
    public double darkerBy(String dark, String light) {
        Optional<Lab> one = find(dark);
        Optional<Lab> other = find(light);
        return one.isPresent() && other.isPresent()
                ? other.get().l() - one.get().l()
                : 0;
    }

    /**
     * Which colours are so much darker than others that it shows where they bleed.
     *
     * @param keys the colours that are looked at
     * @param deltaL from so much on, in L*
     * @return pairs of a dark colour and a light one
     */
    public Set<List<String>> darkOnLight(Set<String> keys, double deltaL) {
        Set<List<String>> pairs = new HashSet<>();
        keys.forEach(dark -> keys.stream()
                .filter(light -> darkerBy(dark, light) > deltaL)
                .forEach(light -> pairs.add(List.of(dark, light))));
        return pairs;
    }

    private Optional<Lab> find(String key) {
        return key == null ? Optional.empty() : Optional.ofNullable(colours.get(key));
    }
}
