package kindthimble.app.order;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.colour.Palette;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.pour.Bundle;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/**
 * What a decorator says of an order.
 *
 * @param name of the set, 1 to {@value #LONGEST_NAME} characters
 * @param client for whom; may be empty
 * @param handOver when it is fetched, by the clock on the wall
 * @param floodSeconds this order's flood, or null for the shop's
 * @param extra how much is mixed beyond need
 * @param palette its colours
 * @param recipe key of its base, or null for the shop's
 * @param filling how its cookies are filled, or null for the shop's way
 * @param notes whatever has to be remembered; may be empty
 * @param allergies what must not be in it; may be empty
 * @param place where and how it is handed over; may be empty
 * @param packing how it is packed; may be empty
 * @param dough key of what it is baked from, or null for the shop's
 * @param rolledMm how thick that is rolled, or null for the shop's way
 * @param bareSpares how many of each design are baked beside those that are iced, or null for the shop's way
 * @param fullness how many times as full as the figures say its coats are, as a trial cookie said: in the place of what is known of the hand; or null for that
 * @param clock what is said of its work on the clock, by the key of a task
 * @param bundles what of its cookies is handed over as one, by the numbers of its designs; null for nothing
 */
public record OrderDetails(
        String name,
        String client,
        LocalDateTime handOver,

        @Amount(
                word = "flood count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_FLOOD_SECONDS,
                most = Consistency.MOST_FLOOD_SECONDS,
                otherwise = "the shop's flood")
        Double floodSeconds,

        Extra extra,
        List<PaletteColour> palette,
        @Nullable String recipe,
        @Nullable Filling filling,
        String notes,
        String allergies,
        String place,
        String packing,
        @Nullable String dough,

        @Amount(
                word = "dough is rolled",
                unit = Unit.MM,
                least = 2,
                most = 30,
                habit = Habit.ROLLED_MM,
                otherwise = "the shop's thickness")
        Double rolledMm,

        @Amount(
                word = "bare spares of each",
                unit = Unit.PIECES,
                least = 0,
                most = 100,
                habit = Habit.BARE_SPARES,
                otherwise = "the shop's number")
        Integer bareSpares,

        @Amount(word = "fullness of coats", unit = Unit.TIMES, least = 0.5, most = 2, otherwise = "the plan's own")
        Double fullness,

        Map<String, Wish> clock,
        @Nullable List<Bundle> bundles) {
    static final int LONGEST_NAME = 80;
    static final int LONGEST_CLIENT = 120;
    private static final int LONGEST_NOTES = 4_000;
    private static final int LONGEST_LINE = 400;
    private static final int LONGEST_TASK = 120;
    private static final int MOST_WISHES = 3_000;
    private static final int FIRST_YEAR = 2000;
    private static final int LAST_YEAR = 2199;

    /**
     * The same, tidied and complete.
     *
     * @throws Refused naming the first field that is wrong
     */
    public OrderDetails checked() {
        if (name == null || name.isBlank()) {
            throw new Refused("name", "Give the order a name.");
        }
        if (name.strip().length() > LONGEST_NAME) {
            throw new Refused("name", "Keep the order's name under " + (LONGEST_NAME + 1) + " letters.");
        }
        if (handOver == null) {
            throw new Refused("handOver", "Say on which day and at what time it is handed over.");
        }
        if (handOver.getYear() < FIRST_YEAR || handOver.getYear() > LAST_YEAR) {
            throw new Refused("handOver", "The hand-over is in the year " + handOver.getYear() + ": check the date.");
        }
        Catalogue.check(this);
        Extra wanted = extra == null ? Extra.usual() : extra;
        wanted.check();
        return new OrderDetails(
                name.strip(),
                tidy("client", client, LONGEST_CLIENT),
                handOver,
                floodSeconds,
                wanted,
                PaletteColour.checked(palette == null ? PaletteColour.starters() : palette),
                recipe == null || recipe.isBlank() ? null : recipe,
                filling,
                tidy("notes", notes, LONGEST_NOTES),
                tidy("allergies", allergies, LONGEST_LINE),
                tidy("place", place, LONGEST_LINE),
                tidy("packing", packing, LONGEST_LINE),
                dough == null || dough.isBlank() ? null : tidy("dough", dough, LONGEST_LINE),
                rolledMm,
                bareSpares,
                fullness,
                wishes(),
                checkedBundles());
    }

    private List<Bundle> checkedBundles() {
        if (bundles == null || bundles.isEmpty()) {
            return null;
        }
        if (bundles.size() > Bundle.MOST) {
            throw new Refused("bundles", "An order has at most %d kinds of bundles.".formatted(Bundle.MOST));
        }
        List<Bundle> checked = new ArrayList<>();
        for (int i = 0; i < bundles.size(); i++) {
            String field = "bundles[" + i + "]";
            if (bundles.get(i) == null) {
                throw new Refused(field, "This is missing.");
            }
            checked.add(bundles.get(i).checked(field));
        }
        return checked;
    }

    /** What of its cookies is handed over as one; may be empty. */
    public List<Bundle> tied() {
        return bundles == null ? List.of() : bundles;
    }

    /** The same where its designs have other numbers; one that has none any more is in no bundle. */
    OrderDetails renumbered(UnaryOperator<String> numbers) {
        return changed(
                name,
                handOver,
                palette,
                clock,
                tied().stream().map(bundle -> bundle.renamed(numbers)).toList());
    }

    private Map<String, Wish> wishes() {
        if (clock == null) {
            return Map.of();
        }
        Map<String, Wish> wishes = new TreeMap<>();
        clock.forEach((task, wish) -> {
            if (task.length() > LONGEST_TASK) {
                throw new Refused("clock", "There is no such piece of work.");
            }
            if (wish != null && !wish.isNothing()) {
                wishes.put(task, wish);
            }
        });
        if (wishes.size() > MOST_WISHES) {
            throw new Refused(
                    "clock", "At most %d pieces of work of an order can be pinned or done.".formatted(MOST_WISHES));
        }
        return wishes;
    }

    private static String tidy(String field, String text, int longest) {
        String tidy = text == null ? "" : text.strip();
        if (tidy.length() > longest) {
            throw new Refused(field, "Keep this under %,d letters.".formatted(longest + 1));
        }
        return tidy;
    }

    /** The same with other colours. */
    OrderDetails withPalette(List<PaletteColour> other) {
        return changed(name, handOver, other, clock, bundles);
    }

    /** The same with another hand-over. */
    public OrderDetails at(LocalDateTime other) {
        return changed(name, other, palette, clock, bundles);
    }

    /** The same for another order: of whose work nothing has been said. */
    public OrderDetails forAnother() {
        return changed(name, handOver, palette, Map.of(), bundles);
    }

    /** The same under another name. */
    OrderDetails named(String other) {
        return changed(other, handOver, palette, clock, bundles);
    }

    private OrderDetails changed(
            String called,
            LocalDateTime fetched,
            List<PaletteColour> colours,
            Map<String, Wish> wishes,
            List<Bundle> tied) {
        return new OrderDetails(
                called,
                client,
                fetched,
                floodSeconds,
                extra,
                colours,
                recipe,
                filling,
                notes,
                allergies,
                place,
                packing,
                dough,
                rolledMm,
                bareSpares,
                fullness,
                wishes,
                tied);
    }

    /** The key of the colour out of whose bowl a colour comes. */
    public String bowlOf(String key) {
        return palette.stream()
                .filter(colour -> colour.key().equals(key) && colour.joinedInto() != null)
                .map(PaletteColour::joinedInto)
                .findFirst()
                .orElse(key);
    }

    /** How its colours look. */
    public Palette looks() {
        return PaletteColour.looks(palette);
    }
}
