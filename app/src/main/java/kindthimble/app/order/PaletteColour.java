package kindthimble.app.order;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.icing.Flavour;
import kindthimble.core.words.Keys;
import kindthimble.core.words.Refused;

/**
 * A colour of an order.
 *
 * @param key by which designs refer to it; made from the name when the colour is new (null or empty), and kept for good
 * @param name what the decorator calls it
 * @param hex {@code #RRGGBB}
 * @param apart whether it must not run out; null for no
 * @param joinedInto key of the colour out of whose bowl it comes; null for its own
 * @param letDownFrom key of the darker colour of whose bowl and white it is mixed by weight; null for a tint of its own
 * @param flavour stirred into its bowl; null for none
 */
public record PaletteColour(
        String key,
        String name,
        String hex,
        @Nullable Boolean apart,
        @Nullable String joinedInto,
        @Nullable String letDownFrom,
        @Nullable Flavour flavour) {
    public static final int MOST_COLOURS = 40;
    static final int LONGEST_NAME = 40;
    /** A colour with a bowl of its own. */
    public PaletteColour(String key, String name, String hex) {
        this(key, name, hex, null, null, null, null);
    }

    /** Whether it must not run out. */
    public boolean mustNotRunOut() {
        return Boolean.TRUE.equals(apart);
    }

    /** What a new order starts with. */
    static List<PaletteColour> starters() {
        return List.of(
                new PaletteColour("white", "White", "#F6F6F0"),
                new PaletteColour("poppy", "Poppy", "#D5473F"),
                new PaletteColour("marigold", "Marigold", "#FFB14E"),
                new PaletteColour("lagoon", "Lagoon", "#3FBFB2"),
                new PaletteColour("coal", "Coal", "#3A3330"));
    }

    /**
     * Checks a palette and gives new colours their keys.
     *
     * @throws Refused naming the colour that is wrong
     */
    static List<PaletteColour> checked(List<PaletteColour> palette) {
        if (palette == null || palette.size() > MOST_COLOURS) {
            throw new Refused("palette", "A palette has at most " + MOST_COLOURS + " colours.");
        }
        Set<String> keys = new HashSet<>();
        Set<String> names = new HashSet<>();
        palette.stream().filter(colour -> colour != null && colour.hasKey()).forEach(colour -> keys.add(colour.key()));
        List<PaletteColour> checked = new ArrayList<>();
        for (int i = 0; i < palette.size(); i++) {
            String field = "palette[" + i + "]";
            PaletteColour colour = palette.get(i);
            if (colour == null || colour.name() == null || colour.name().isBlank()) {
                throw new Refused(field + ".name", "Give the colour a name.");
            }
            String name = colour.name().strip();
            if (name.length() > LONGEST_NAME) {
                throw new Refused(field + ".name", "Keep the colour's name under " + (LONGEST_NAME + 1) + " letters.");
            }
            if (!names.add(name.toLowerCase(Locale.ROOT))) {
                throw new Refused(field + ".name", "Two colours are called " + name + ": rename one of them.");
            }
            if (!Lab.isHex(colour.hex())) {
                throw new Refused(
                        field + ".hex", "Write the colour as # and six digits or letters a-f, such as #D5473F.");
            }
            checked.add(new PaletteColour(
                    colour.hasKey() ? colour.key() : Keys.of(name, "colour", keys),
                    name,
                    colour.hex().toUpperCase(Locale.ROOT),
                    colour.mustNotRunOut() ? true : null,
                    orNull(colour.joinedInto()),
                    orNull(colour.letDownFrom()),
                    colour.flavour() == null ? null : colour.flavour().checked(field + ".flavour")));
        }
        for (int i = 0; i < checked.size(); i++) {
            String into = checked.get(i).joinedInto();
            if (into != null
                    && checked.stream().noneMatch(other -> other.key().equals(into) && other.joinedInto() == null)) {
                throw new Refused(
                        "palette[" + i + "].joinedInto",
                        "%s can't come out of that bowl: it is none of this order, or is joined itself. Part them first."
                                .formatted(checked.get(i).name()));
            }
        }
        for (int i = 0; i < checked.size(); i++) {
            checkLetDown(checked, i);
        }
        if (checked.stream().map(PaletteColour::key).distinct().count() < checked.size()) {
            throw new Refused("palette", "Two colours share one key.");
        }
        return checked;
    }

    /** How a palette looks. */
    static Palette looks(List<PaletteColour> palette) {
        return new Palette(
                palette.stream().collect(Collectors.toMap(PaletteColour::key, colour -> Lab.ofHex(colour.hex()))));
    }

    private boolean hasKey() {
        return key != null && !key.isBlank();
    }

    private static String orNull(String key) {
        return key == null || key.isBlank() ? null : key;
    }

    private static void checkLetDown(List<PaletteColour> palette, int i) {
        PaletteColour light = palette.get(i);
        if (light.letDownFrom() == null) {
            return;
        }
        PaletteColour mother = palette.stream()
                .filter(other -> other.key().equals(light.letDownFrom()))
                .findFirst()
                .orElse(null);
        String why = mother == null
                ? "that colour is none of this order"
                : mother == light
                        ? "it is that colour itself"
                        : mother.letDownFrom() != null
                                ? mother.name() + " is let down itself"
                                : mother.flavour() != null
                                        ? mother.name() + " tastes of "
                                                + mother.flavour().name()
                                        : light.flavour() != null
                                                ? "its flavour wants a bowl of its own"
                                                : light.joinedInto() != null
                                                        ? "it comes out of another bowl already"
                                                        : null;
        if (why != null) {
            throw new Refused(
                    "palette[" + i + "].letDownFrom",
                    "%s can't be let down from it: %s. Tint it on its own first.".formatted(light.name(), why));
        }
    }
}
