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
import kindthimble.app.desk.DeskService;
import kindthimble.app.desk.OrderView;
import kindthimble.app.history.History;
import kindthimble.app.history.Patch;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.order.Wish;
import kindthimble.core.design.Design;
import kindthimble.core.work.DoughTasks;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The orders that ship with the application. They are taken in the way any order is. */
@Service
@Transactional
class DemoOrders {
    private final DeskService desk;
    private final History history;
    private final JsonMapper json;
    private final Clock clock;

    DemoOrders(DeskService desk, History history, JsonMapper json, Clock clock) {
        this.desk = desk;
        this.history = history;
        this.json = json;
        this.clock = clock;
    }

    /**
     * An order whose hand-over moves with today's date.
     *
     * @param weekday of the hand-over
     * @param daysAhead at least so many days from today
     * @param time of the hand-over
     * @param details without a hand-over
     * @param cutters when its cutters come, before which no dough is made; null where they are there
     * @param designs what is on the tray
     */
    record DemoOrder(
            DayOfWeek weekday,
            int daysAhead,
            LocalTime time,
            Cutters cutters,
            OrderDetails details,
            List<DemoDesign> designs) {}

    /**
     * @param daysBefore the hand-over
     * @param time of that day
     */
    record Cutters(int daysBefore, LocalTime time) {}

    record DemoDesign(int count, Design document) {}

    /**
     * @param name of the file that it is in
     * @return its number
     */
    long take(String name) {
        DemoOrder demo = read(name);
        LocalDateTime handOver = LocalDate.now(clock)
                .plusDays(demo.daysAhead())
                .with(TemporalAdjusters.nextOrSame(demo.weekday()))
                .atTime(demo.time());
        OrderView order = desk.take(demo.details().at(handOver));
        demo.designs().forEach(design -> desk.addDesign(order.id(), design.count(), design.document()));
        if (demo.cutters() != null) {
            LocalDateTime come = handOver.toLocalDate()
                    .minusDays(demo.cutters().daysBefore())
                    .atTime(demo.cutters().time());
            desk.change(
                    order.id(),
                    new Patch(
                            desk.order(order.id()).revision(),
                            null,
                            List.of(new Patch.Placed(
                                    "/details/clock/" + DoughTasks.key(order.id(), 0),
                                    json.valueToTree(new Wish(null, null, null, come))))));
        }
        // What came with the shop is nothing that she has done.
        history.forget(order.id());
        return order.id();
    }

    private DemoOrder read(String name) {
        try (InputStream file = new ClassPathResource("demo/" + name + ".json").getInputStream()) {
            return json.readValue(file, DemoOrder.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
