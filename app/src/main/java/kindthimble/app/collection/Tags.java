package kindthimble.app.collection;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.words.Refused;

/** Words of her own by which things of the library are found again. */
final class Tags {
    private static final int MOST = 12;
    private static final int LONGEST = 30;

    private Tags() {}

    /**
     * Without blanks around them, each once.
     *
     * @throws Refused when there are too many, or one is too long
     */
    static List<String> tidy(List<String> tags) {
        List<String> tidy = new ArrayList<>();
        for (String given : tags == null ? List.<String>of() : tags) {
            String tag = given == null ? "" : given.strip();
            if (tag.length() > LONGEST) {
                throw new Refused("tags", "A tag has at most " + LONGEST + " letters.");
            }
            if (!tag.isEmpty() && tidy.stream().noneMatch(tag::equalsIgnoreCase)) {
                tidy.add(tag);
            }
        }
        if (tidy.size() > MOST) {
            throw new Refused("tags", "There are at most " + MOST + " tags.");
        }
        return List.copyOf(tidy);
    }
}
