package kindthimble.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Locale;
import kindthimble.app.desk.DeskService;
import kindthimble.app.desk.OrderView;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.order.Orders;
import kindthimble.app.shelf.ShelfService;
import kindthimble.app.tint.GelService;
import kindthimble.core.design.Design;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.HouseRecipes;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Puts the demo orders into a database that has never had an order. They go the same way as any order. */
@Component
@ConditionalOnProperty("kind-thimble.demo")
class DemoData implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    private static final List<String> ORDERS = List.of("kite-festival", "night-train");

    private static final double FULL_BOTTLE_DROPS = 350;

    private final Orders orders;
    private final DeskService desk;
    private final ShelfService shelf;
    private final GelService gels;
    private final JsonMapper json;
    private final Clock clock;
    private final TransactionTemplate transactions;

    DemoData(
            Orders orders,
            DeskService desk,
            ShelfService shelf,
            GelService gels,
            JsonMapper json,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.orders = orders;
        this.desk = desk;
        this.shelf = shelf;
        this.gels = gels;
        this.json = json;
        this.clock = clock;
        this.transactions = new TransactionTemplate(transactions);
    }

    /**
     * An order whose hand-over moves with today's date.
     *
     * @param weekday of the hand-over
     * @param daysAhead at least so many days from today
     * @param time of the hand-over
     * @param details without a hand-over
     * @param designs what is on the tray
     */
    record DemoOrder(
            DayOfWeek weekday, int daysAhead, LocalTime time, OrderDetails details, List<DemoDesign> designs) {}

    record DemoDesign(int count, Design document) {}

    /** Before the first request is answered, and all of it or nothing. */
    @Override
    public void afterSingletonsInstantiated() {
        transactions.executeWithoutResult(transaction -> {
            if (orders.isUntouched()) {
                List<Long> taken = ORDERS.stream().map(name -> take(read(name))).toList();
                taken.subList(1, taken.size()).forEach(other -> orders.mixTogether(taken.get(0), other));
                stockTheShelf();
                fillTheGels();
                LOG.info("Demo orders are in");
            }
        });
    }

    private DemoOrder read(String name) {
        try (InputStream file = new ClassPathResource("demo/" + name + ".json").getInputStream()) {
            return json.readValue(file, DemoOrder.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Sugar for most of it, packaging, and a jar of white that was left over. */
    private void stockTheShelf() {
        shelf.setStock("icing sugar", 750);
        shelf.setStock("meringue powder", 180);
        shelf.setStock("bags", 40);
        shelf.setStock("boxes", 30);
        shelf.addJar(new ShelfService.Jar(
                null,
                "White",
                "#F6F6F0",
                62,
                Habits.HOUSE.mean(Habit.FLOOD_COUNT_SECONDS),
                HouseRecipes.MERINGUE_POWDER.key(),
                LocalDate.now(clock).plusDays(5),
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

    private long take(DemoOrder demo) {
        LocalDateTime handOver = LocalDate.now(clock)
                .plusDays(demo.daysAhead())
                .with(TemporalAdjusters.nextOrSame(demo.weekday()))
                .atTime(demo.time());
        OrderView order = desk.take(demo.details().at(handOver));
        demo.designs().forEach(design -> desk.addDesign(order.id(), design.count(), design.document()));
        return order.id();
    }
}
