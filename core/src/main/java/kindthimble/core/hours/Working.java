package kindthimble.core.hours;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import kindthimble.core.words.Refused;

/**
 * Whose hands work when.
 *
 * @param own the decorator's
 * @param helpers others'
 */
public record Working(Hours own, List<Helper> helpers) {
    public static final Working HOUSE = new Working(Hours.HOUSE, List.of());

    /** Helpers that a shop has. */
    public static final int MOST_HELPERS = 5;

    private static final int LONGEST_NAME = 30;

    public Working {
        own = own == null ? Hours.HOUSE : own;
        helpers = helpers == null ? List.of() : List.copyOf(helpers);
    }

    /**
     * @throws Refused naming the first field that is wrong
     */
    public void check() {
        within("own", own);
        if (helpers.size() > MOST_HELPERS) {
            throw new Refused("helpers", "Keep at most %d helpers.".formatted(MOST_HELPERS));
        }
        Set<String> names = new HashSet<>();
        for (int i = 0; i < helpers.size(); i++) {
            Helper helper = helpers.get(i);
            String at = "helpers[" + i + "]";
            if (helper.name() == null
                    || helper.name().isBlank()
                    || helper.name().length() > LONGEST_NAME
                    || !names.add(helper.name())) {
                throw new Refused(
                        at + ".name",
                        "Give each helper a name of their own, of up to %d letters.".formatted(LONGEST_NAME));
            }
            within(at + ".hours", helper.hours());
        }
    }

    private static void within(String at, Hours hours) {
        try {
            hours.check();
        } catch (Refused refused) {
            throw refused.inside(at);
        }
    }
}
