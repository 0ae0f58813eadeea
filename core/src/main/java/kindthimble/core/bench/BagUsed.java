package kindthimble.core.bench;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;

/**
 * What had come out of bags when one of them was weighed, since they were filled.
 *
 * @param weighed when, and how much was left in the one in hand
 * @param usedGrams that came out, by weight
 * @param cookies that were iced out of them
 * @param plannedGrams that those take by the plan
 * @param coatGrams of those that are coats
 */
public record BagUsed(BenchEvent weighed, double usedGrams, int cookies, double plannedGrams, double coatGrams) {
    /**
     * @param bag as it was planned then
     * @param standing what was pressed and not taken back, by time
     * @return each weighing, by time
     */
    public static List<BagUsed> of(BagUse bag, List<BenchEvent> standing) {
        List<BagUsed> all = new ArrayList<>();
        for (int i = 0; i < standing.size(); i++) {
            BenchEvent event = standing.get(i);
            if (event.what() == BenchEvent.Pressed.BAG && event.words().equals(bag.key())) {
                all.add(at(bag, event, standing.subList(0, i + 1)));
            }
        }
        return List.copyOf(all);
    }

    /**
     * @param event that weighed one of them
     * @param before what was pressed and not taken back, that event with it
     */
    static BagUsed at(BagUse bag, BenchEvent event, Collection<BenchEvent> before) {
        Map<String, Happened.Counted> counted = Happened.counted(List.copyOf(before));
        int cookies = 0;
        double planned = 0;
        double coat = 0;
        for (BagUse.Iced drink : bag.drinks()) {
            int iced = counted.getOrDefault(drink.step(), Happened.Counted.NONE).iced();
            cookies += iced;
            planned += iced * drink.eachGrams();
            coat += iced * drink.coatGrams();
        }
        int empty = bag.empty(planned, before);
        double used = -event.amount() - empty * bag.keepsGrams();
        for (int nth = 1; nth <= empty + 1; nth++) {
            used += bag.full(nth, before);
        }
        for (BenchEvent one : before) {
            boolean isAdded =
                    one.what() == BenchEvent.Pressed.ADDED && one.words().equals(bag.key());
            used += isAdded ? one.amount() : 0;
        }
        return new BagUsed(event, used, cookies, planned, coat);
    }
}
