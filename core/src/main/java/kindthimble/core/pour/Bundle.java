package kindthimble.core.pour;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import kindthimble.core.words.Refused;

/**
 * Several cookies that are handed over as one: a bouquet, a box, a set. They are of the designs of an order, and are counted there.
 *
 * @param name what it is called
 * @param count how many of it, 1 to 9,999
 * @param each how many cookies of each design are in one, by the design's key; over 0
 */
public record Bundle(String name, int count, Map<String, Integer> each) {
    public static final int MOST = 40;
    private static final int MOST_OF_IT = 9_999;
    private static final int MOST_IN_ONE = 200;
    private static final int LONGEST_NAME = 60;

    public Bundle {
        each = each == null ? Map.of() : Map.copyOf(each);
    }

    /** Cookies in one. */
    public int cookies() {
        return each.values().stream().mapToInt(Integer::intValue).sum();
    }

    /** What all of them take of each design, by its key. */
    public static Map<String, Integer> takes(List<Bundle> bundles) {
        Map<String, Integer> takes = new HashMap<>();
        bundles.forEach(bundle ->
                bundle.each.forEach((design, number) -> takes.merge(design, bundle.count * number, Integer::sum)));
        return takes;
    }

    /**
     * How many of a design are made once bundles have changed. One that went into bundles whole follows them; of one that was also handed over loose, what is
     * loose goes in first.
     *
     * @param made until now
     * @param took what bundles took of it before
     * @param takes what they take now
     */
    public static int follows(int made, int took, int takes) {
        boolean wasWhole = took > 0 && made == took;
        return wasWhole && takes > 0 ? takes : Math.max(made, takes);
    }

    /** The same where designs have other keys; one that has none any more is not in it. */
    public Bundle renamed(UnaryOperator<String> keys) {
        Map<String, Integer> renamed = new LinkedHashMap<>();
        each.forEach((design, number) -> {
            String key = keys.apply(design);
            if (key != null) {
                renamed.put(key, number);
            }
        });
        return new Bundle(name, count, renamed);
    }

    /**
     * The same with its name as it is kept.
     *
     * @throws Refused naming the field of it that is wrong
     */
    public Bundle checked(String field) {
        if (name == null || name.isBlank() || name.strip().length() > LONGEST_NAME) {
            throw new Refused(field + ".name", "Name it, in up to %d letters.".formatted(LONGEST_NAME));
        }
        if (count < 1 || count > MOST_OF_IT) {
            throw new Refused(field + ".count", "Write how many of it: between 1 and %,d.".formatted(MOST_OF_IT));
        }
        each.forEach((design, number) -> {
            if (number < 1 || number > MOST_IN_ONE) {
                throw new Refused(
                        field + ".each." + design,
                        "Between 1 and %d cookies of a design go into one.".formatted(MOST_IN_ONE));
            }
        });
        return new Bundle(name.strip(), count, each);
    }
}
