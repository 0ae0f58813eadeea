package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Icing;

/**
 * A tip that is wanted in more bags than the shop has of it: it goes from bag to bag, washed between.
 *
 * @param tip its name
 * @param owned how many the shop has; 0 for one that it has put away
 * @param bags that want one, each by the key of its colour, in order of work
 */
public record TipUse(String tip, int owned, List<String> bags) {
    public TipUse {
        bags = List.copyOf(bags);
    }

    /**
     * The tips of which there are too few.
     *
     * @param order keys of the bowls in order of work
     */
    public static List<TipUse> tooFew(Pour pour, List<String> order, ShopSettings shop) {
        Map<String, List<String>> wanted = new LinkedHashMap<>();
        for (String colour : order) {
            pour.bowls().stream()
                    .filter(bowl -> bowl.colour().equals(colour))
                    .flatMap(bowl -> bowl.portions().stream())
                    .filter(portion -> portion.vessel() == Icing.Vessel.BAG)
                    .forEach(portion -> portion.tips().stream()
                            .filter(tip -> !Tip.isCut(tip))
                            .forEach(tip -> wanted.computeIfAbsent(tip, t -> new ArrayList<>())
                                    .addAll(Collections.nCopies(
                                            Math.max(1, portion.bags() / tipsInBags(portion)), colour))));
        }
        Map<String, Integer> owned = new HashMap<>();
        shop.tips().forEach(tip -> owned.put(tip.name(), tip.owned()));
        return wanted.entrySet().stream()
                .filter(use -> use.getValue().size() > owned.getOrDefault(use.getKey(), 0))
                .map(use -> new TipUse(use.getKey(), owned.getOrDefault(use.getKey(), 0), use.getValue()))
                .toList();
    }

    /** With a coupler a bag changes its tips; without one the bags share them out. */
    private static int tipsInBags(Pour.Portion portion) {
        return portion.coupler() ? 1 : Math.max(1, portion.tips().size());
    }
}
