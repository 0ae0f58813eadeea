package kindthimble.app.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import kindthimble.app.happened.Practising;
import kindthimble.app.history.History;
import kindthimble.app.notebook.NotebookService;
import kindthimble.app.order.Orders;
import kindthimble.app.order.Together;
import kindthimble.app.shelf.ShelfService;
import kindthimble.app.shop.ShopService;
import kindthimble.app.tint.GelService;
import kindthimble.core.drying.RoomDay;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.notebook.Learnt;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Puts the demo orders into a database that has never had an order. They go the same way as any order. */
@Component
@ConditionalOnProperty("kind-thimble.demo")
class DemoData implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    /** The first two are mixed together; the last three come in one week, in which not all can be done. */
    private static final List<String> ORDERS =
            List.of("kite-festival", "night-train", "pottery-studio", "reel-evening", "tail-fair", "vane-morning");

    /** Which of them is at the bench. */
    private static final int HALF_WAY = 2;

    private static final String DRIED_EGG_WHITE = "dried-egg-white";

    private static final double FULL_BOTTLE_DROPS = 350;

    private final Orders orders;
    private final Together together;
    private final DemoOrders demo;
    private final DemoBench bench;
    private final Practising practising;
    private final ShelfService shelf;
    private final GelService gels;
    private final History history;
    private final NotebookService notebook;
    private final JsonMapper json;
    private final Clock clock;
    /** A day on which the hand puts on a quarter more than planned. */
    private static final long PLAYED = 2028;

    private static final int DAYS_TO_RAIN = 2;
    private static final double CELSIUS = 20;
    private static final double DAMP_PERCENT = 66;

    private final ShopService shop;
    private final TransactionTemplate transactions;

    DemoData(
            Orders orders,
            Together together,
            DemoOrders demo,
            DemoBench bench,
            Practising practising,
            ShelfService shelf,
            GelService gels,
            History history,
            ShopService shop,
            NotebookService notebook,
            JsonMapper json,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.orders = orders;
        this.together = together;
        this.demo = demo;
        this.bench = bench;
        this.practising = practising;
        this.shelf = shelf;
        this.gels = gels;
        this.history = history;
        this.shop = shop;
        this.notebook = notebook;
        this.json = json;
        this.clock = clock;
        this.transactions = new TransactionTemplate(transactions);
    }

    /** Before the first request is answered, and all of it or nothing. */
    @Override
    public void afterSingletonsInstantiated() {
        transactions.executeWithoutResult(transaction -> {
            if (orders.isUntouched()) {
                List<Long> taken = ORDERS.stream().map(demo::take).toList();
                together.mixTogether(taken.get(0), taken.get(1));
                stockTheShelf();
                fillTheGels();
                dampTheRoom();
                writeNotes();
                bench.halfWay(taken.get(HALF_WAY));
                taken.forEach(order -> practising.begin(order, PLAYED));
                // What came with the shop is nothing that she has done.
                history.forgetAll();
                LOG.info("Demo orders are in");
            }
        });
    }

    /** What two orders before these have taught: how dried egg white thins, and two figures more. One count does not fit, one figure is held. */
    private void writeNotes() {
        double[][] counts = {
            {1.6, 52}, {2.1, 46}, {3, 37}, {3.8, 30}, {4.4, 25.5}, {5.1, 20.5}, {5.9, 17.5}, {6.6, 13.8}, {7.3, 12.2}
        };
        for (int i = 0; i < counts.length; i++) {
            note(
                    counts.length - i,
                    "count",
                    Map.of("recipe", DRIED_EGG_WHITE, "water", counts[i][0], "seconds", counts[i][1]));
        }
        note(
                6,
                "count",
                Map.of("recipe", DRIED_EGG_WHITE, "water", 6.2, "seconds", 41.0, "words", "the bowl was not stirred"));
        for (double grams : new double[] {1.5, 1.42, 1.61, 1.5}) {
            note(9, "piece", Map.of("what", "petal", "n", 10, "measured", grams));
        }
        for (double minutes : new double[] {2.1, 2.6, 2.4, 2.2, 2.8}) {
            note(8, "step", Map.of("work", "flavour", "measured", minutes));
        }
        notebook.decide("piece petal", Learnt.Way.HELD);
    }

    private void note(int daysAgo, String kind, Map<String, Object> said) {
        ObjectNode note = json.valueToTree(said);
        note.put("kind", kind)
                .put("day", LocalDate.now(clock).minusDays(daysAgo).toString());
        notebook.add(note, null);
    }

    /** One rainy day, on which everything dries more slowly. */
    private void dampTheRoom() {
        shop.save(shop.own()
                .withRoomDays(
                        List.of(new RoomDay(LocalDate.now(clock).plusDays(DAYS_TO_RAIN), CELSIUS, DAMP_PERCENT))));
    }

    /** Sugar for most of it, packaging, and a jar of white that was left over. */
    private void stockTheShelf() {
        shelf.setStock("icing sugar", 750);
        shelf.setStock("meringue powder", 180);
        shelf.setStock("bags", 40);
        shelf.setStock("cookie bags", 200);
        shelf.setStock("tags", 60);
        shelf.setStock("boxes", 30);
        shelf.addJar(new ShelfService.Jar(
                null,
                "White",
                "#F6F6F0",
                62,
                Habits.HOUSE.mean(Habit.FLOOD_COUNT_SECONDS),
                HouseRecipes.MERINGUE_POWDER.key(),
                LocalDate.now(clock).plusDays(5),
                null,
                null));
    }

    /** Twelve bottles; of one of them three swatches have said that it is weaker and more yellow than its reference. */
    private void fillTheGels() {
        List<GelKept> kept = List.of(
                new GelKept("Lemon", 210, 4.2),
                new GelKept("Marigold", 160, 4.2),
                new GelKept("Orange", 320, 4.2),
                new GelKept("Poppy", 45, 4.6),
                new GelKept("Rose", 260, 4.2),
                new GelKept("Sky", 190, 4.2),
                new GelKept("Navy", 120, 4.6),
                new GelKept("Violet", 280, 4.2),
                new GelKept("Leaf", 150, 4.2),
                new GelKept("Teal", 240, 4.2),
                new GelKept("Cocoa", 300, 4.2),
                new GelKept("Coal", 90, 4.9));
        kept.forEach(gel -> gels.add(new GelService.NewGel(
                new GelService.Bottle(gel.name(), gel.dropsLeft(), FULL_BOTTLE_DROPS, gel.price()),
                gel.name().toLowerCase(Locale.ROOT),
                null)));
        gels.note("leaf", new GelService.SwatchNote(3, 50, "#AFE079"));
        gels.note("leaf", new GelService.SwatchNote(8, 100, "#A5D66B"));
        gels.note("leaf", new GelService.SwatchNote(12, 60, "#8CC741"));
    }

    private record GelKept(String name, double dropsLeft, double price) {}
}
