package kindthimble.app.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import kindthimble.app.order.Kept;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.order.PaletteColour;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Flavour;
import kindthimble.core.pour.CommonBowls;

/**
 * The orders that are mixed as one, the leading one first, and the bowls that they share. Bowls have keys that all of them know; an order
 * knows those of its own colours by the keys of its palette.
 */
final class Mixed {
    private final List<Kept> orders;
    private final CommonBowls bowls;

    private Mixed(List<Kept> orders, CommonBowls bowls) {
        this.orders = orders;
        this.bowls = bowls;
    }

    /**
     * @param orders the leading one first
     */
    static Mixed of(List<Kept> orders, Habits habits) {
        return new Mixed(
                List.copyOf(orders),
                CommonBowls.of(orders.stream().map(Mixed::colours).toList(), habits));
    }

    private static CommonBowls.OfOrder colours(Kept order) {
        OrderDetails details = order.details();
        return new CommonBowls.OfOrder(
                Long.toString(order.id()),
                details.name(),
                details.palette().stream()
                        .map(c -> new CommonBowls.Colour(
                                c.key(),
                                c.name(),
                                Lab.ofHex(c.hex()),
                                c.joinedInto(),
                                c.letDownFrom(),
                                flavour(details, c)))
                        .toList());
    }

    List<Kept> orders() {
        return orders;
    }

    Kept leading() {
        return orders.get(0);
    }

    CommonBowls bowls() {
        return bowls;
    }

    UnaryOperator<String> bowlsOf(Kept order) {
        return key -> bowls.bowlOf(Long.toString(order.id()), key);
    }

    /** What a colour tastes of: one that comes out of another bowl tastes as that does. */
    private static Flavour flavour(OrderDetails details, PaletteColour colour) {
        return details.palette().stream()
                .filter(one -> one.key().equals(colour.joinedInto()))
                .findFirst()
                .orElse(colour)
                .flavour();
    }

    /** The flavours of the bowls that have one, by the bowls' keys. */
    Map<String, Flavour> flavours() {
        Map<String, Flavour> flavours = new HashMap<>();
        for (CommonBowls.Bowl bowl : bowls.bowls()) {
            Flavour flavour = colour(bowl).flavour();
            if (flavour != null) {
                flavours.put(bowl.key(), flavour);
            }
        }
        return flavours;
    }

    /** How a bowl shall look, {@code #RRGGBB}. */
    String hex(CommonBowls.Bowl bowl) {
        return colour(bowl).hex();
    }

    private PaletteColour colour(CommonBowls.Bowl bowl) {
        return orders.stream()
                .filter(order -> Long.toString(order.id()).equals(bowl.order()))
                .flatMap(order -> order.details().palette().stream())
                .filter(colour -> colour.key().equals(bowl.colour()))
                .findFirst()
                .orElseThrow();
    }

    Palette looks() {
        Map<String, Lab> looks = new HashMap<>();
        bowls.bowls().forEach(bowl -> looks.put(bowl.key(), Lab.ofHex(hex(bowl))));
        return new Palette(looks);
    }

    /** Keys of the bowls that must not run out: those out of which any order takes a colour that must not. */
    Set<String> apart() {
        Set<String> apart = new HashSet<>();
        for (Kept order : orders) {
            order.details().palette().stream()
                    .filter(PaletteColour::mustNotRunOut)
                    .forEach(colour -> apart.add(bowlsOf(order).apply(colour.key())));
        }
        return apart;
    }

    /** The keys by which an order knows the bowls: its palette's, and for the bowls of others one with their number. */
    Map<String, String> keysFor(Kept viewer) {
        Map<String, String> keys = new HashMap<>();
        for (PaletteColour colour : viewer.details().palette()) {
            if (colour.joinedInto() == null) {
                keys.putIfAbsent(bowlsOf(viewer).apply(colour.key()), colour.key());
            }
        }
        List<String> taken = new ArrayList<>(
                viewer.details().palette().stream().map(PaletteColour::key).toList());
        for (CommonBowls.Bowl bowl : bowls.bowls()) {
            String key = bowl.order() + "-" + bowl.colour();
            while (!keys.containsKey(bowl.key()) && taken.contains(key)) {
                key = key + "-";
            }
            keys.putIfAbsent(bowl.key(), key);
        }
        return keys;
    }
}
