package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.colour.Lab;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Flavour;

/**
 * Which colours of several orders come out of one bowl: those that look the same (CIEDE2000 under 1) and taste alike, whatever they are called. Of one
 * name and unlike, they are two bowls, and that is said. The first order leads: its colours keep their keys.
 */
public final class CommonBowls {
    private final Map<String, Bowl> bowls = new LinkedHashMap<>();
    private final Map<String, Map<String, String>> bowlOf = new HashMap<>();
    private final Map<String, String> letDowns = new LinkedHashMap<>();
    private final List<Namesakes> namesakes = new ArrayList<>();
    private final List<Seen> seen = new ArrayList<>();

    /**
     * A colour of an order.
     *
     * @param key by which its order knows it
     * @param name what it is called
     * @param look how it looks
     * @param joinedInto key of the colour of its order out of whose bowl it comes; null for its own
     * @param letDownFrom key of the darker colour of its order that it is let down from; null for none
     * @param flavour stirred into its bowl; null for none
     */
    public record Colour(String key, String name, Lab look, String joinedInto, String letDownFrom, Flavour flavour) {}

    /**
     * The colours of one order.
     *
     * @param order what tells it from the others
     * @param name what it is called
     * @param colours of its palette
     */
    public record OfOrder(String order, String name, List<Colour> colours) {}

    /**
     * A bowl of all of them.
     *
     * @param key by which it is known to all
     * @param name what it is called; with its order's name where another bowl is called the same
     * @param order that it comes from
     * @param colour its key there
     */
    public record Bowl(String key, String name, String order, String colour) {}

    /**
     * Two bowls whose colours are called the same and look or taste unlike.
     *
     * @param name of both
     * @param one key of the one bowl
     * @param other key of the other
     * @param deltaE how far apart they look
     * @param tastesElse whether they taste unlike, however they look
     */
    public record Namesakes(String name, String one, String other, double deltaE, boolean tastesElse) {}

    private record Seen(String name, Lab look, Flavour flavour, String bowl) {}

    private final double sameDeltaE;

    private CommonBowls(double sameDeltaE) {
        this.sameDeltaE = sameDeltaE;
    }

    /**
     * @param orders the leading one first
     */
    public static CommonBowls of(List<OfOrder> orders, Habits habits) {
        CommonBowls common = new CommonBowls(habits.mean(Habit.SAME_DELTA_E));
        for (int i = 0; i < orders.size(); i++) {
            common.add(orders.get(i), i == 0);
        }
        return common;
    }

    private void add(OfOrder order, boolean leads) {
        Map<String, String> own = new HashMap<>();
        bowlOf.put(order.order(), own);
        List<Seen> before = List.copyOf(seen);
        // Those with a bowl of their own first: others come out of these.
        for (Colour colour : order.colours()) {
            if (colour.joinedInto() == null) {
                own.put(colour.key(), leads ? opened(colour.key(), order, colour) : found(order, colour, before));
            }
        }
        for (Colour colour : order.colours()) {
            if (colour.joinedInto() != null) {
                own.put(colour.key(), own.getOrDefault(colour.joinedInto(), colour.joinedInto()));
            }
        }
        for (Colour colour : order.colours()) {
            seen.add(new Seen(colour.name(), colour.look(), colour.flavour(), own.get(colour.key())));
            String mother = colour.letDownFrom() == null ? null : own.get(colour.letDownFrom());
            if (mother != null && !mother.equals(own.get(colour.key()))) {
                letDowns.putIfAbsent(own.get(colour.key()), mother);
            }
        }
    }

    private String found(OfOrder order, Colour colour, List<Seen> before) {
        Seen nearest = null;
        double least = sameDeltaE;
        for (Seen one : before) {
            double apart = colour.look().differenceTo(one.look());
            if (apart < least && Flavour.alike(colour.flavour(), one.flavour())) {
                least = apart;
                nearest = one;
            }
        }
        return nearest != null ? nearest.bowl() : opened(order.order() + "-" + colour.key(), order, colour);
    }

    private String opened(String key, OfOrder order, Colour colour) {
        Bowl namesake = bowls.values().stream()
                .filter(bowl -> bowl.name().equalsIgnoreCase(colour.name()))
                .findFirst()
                .orElse(null);
        if (namesake != null) {
            Seen like = seen.stream()
                    .filter(one ->
                            one.bowl().equals(namesake.key()) && one.name().equalsIgnoreCase(colour.name()))
                    .findFirst()
                    .orElse(new Seen(colour.name(), colour.look(), colour.flavour(), key));
            namesakes.add(new Namesakes(
                    colour.name(),
                    namesake.key(),
                    key,
                    like.look().differenceTo(colour.look()),
                    !Flavour.alike(like.flavour(), colour.flavour())));
        }
        String name = namesake == null ? colour.name() : colour.name() + " (" + order.name() + ")";
        bowls.put(key, new Bowl(key, name, order.order(), colour.key()));
        return key;
    }

    /** All bowls, in the order of the palettes; also those that no cookie takes from. */
    public List<Bowl> bowls() {
        return List.copyOf(bowls.values());
    }

    /** Key of the bowl that a colour of an order comes out of. */
    public String bowlOf(String order, String colour) {
        return bowlOf.getOrDefault(order, Map.of()).getOrDefault(colour, colour);
    }

    /** Keys of light bowls, each with that of the darker bowl that it is let down from. */
    public Map<String, String> letDowns() {
        return Map.copyOf(letDowns);
    }

    public List<Namesakes> namesakes() {
        return List.copyOf(namesakes);
    }
}
