package kindthimble.core.pour;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * What an order is packed in: each cookie that is iced in a bag of its own; those that are handed over in boxes, each with a tag, or a tag on each bag where the shop has no
 * boxes. Each bundle has a box and a tag of its own. Boxes are an order's own: two orders that are mixed together share none.
 *
 * @param cookieBags one a cookie that is iced, spares with them
 * @param boxes for those that are handed over
 * @param tags on boxes, or on bags
 */
public record Packaging(int cookieBags, int boxes, int tags) {
    public static final String COOKIE_BAGS = "cookie bags";
    public static final String BOXES = "boxes";
    public static final String TAGS = "tags";

    /**
     * @param handedOver cookies
     * @param iced the same with spares
     * @param bundles what of them is handed over as one
     */
    public static Packaging of(int handedOver, int iced, List<Bundle> bundles, Habits habits) {
        int tied = bundles.stream().mapToInt(Bundle::count).sum();
        int loose = Math.max(
                0,
                handedOver
                        - bundles.stream()
                                .mapToInt(one -> one.count() * one.cookies())
                                .sum());
        double inBox = habits.mean(Habit.COOKIES_PER_BOX);
        int boxes = inBox > 0 ? (int) Math.ceil(loose / inBox) + tied : 0;
        return new Packaging(iced, boxes, boxes > 0 ? boxes : loose + tied);
    }

    /** What goes with the label: boxes and tags, by name, none of which is 0. */
    public Map<String, Integer> atTheLabel() {
        Map<String, Integer> pieces = new LinkedHashMap<>();
        if (boxes > 0) {
            pieces.put(BOXES, boxes);
        }
        if (tags > 0) {
            pieces.put(TAGS, tags);
        }
        return pieces;
    }
}
