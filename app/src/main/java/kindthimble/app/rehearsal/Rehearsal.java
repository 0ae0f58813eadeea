package kindthimble.app.rehearsal;

import java.util.List;
import kindthimble.app.desk.DeskService;
import kindthimble.app.order.AllOrders;
import kindthimble.app.order.Kept;
import kindthimble.app.print.Prints;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Works out the orders at hand over and over for some seconds after a start, as changes to them would be, and throws the results
 * away: the virtual machine has then compiled what the decorator's first change needs, and that is as quick as any. Changes
 * nothing; a request that comes meanwhile goes first.
 */
@Component
@ConditionalOnProperty("kind-thimble.rehearse")
class Rehearsal {
    private static final Logger LOG = LoggerFactory.getLogger(Rehearsal.class);
    private static final int ROUNDS = 120;
    private static final int MOST_ORDERS = 3;
    private static final int PRINTED = 3;

    private final DeskService orders;
    private final AllOrders all;
    private final Prints prints;
    private final JsonMapper json;
    private final TransactionTemplate transaction;

    Rehearsal(
            DeskService orders,
            AllOrders all,
            Prints prints,
            JsonMapper json,
            PlatformTransactionManager transactions) {
        this.orders = orders;
        this.all = all;
        this.prints = prints;
        this.json = json;
        this.transaction = new TransactionTemplate(transactions);
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread thread = new Thread(this::rehearse, "rehearsal");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    private void rehearse() {
        try {
            List<Kept> latest = all.latest(MOST_ORDERS);
            // Copies that nobody else sees: nothing that is really there is locked, and they are gone at the end.
            transaction.executeWithoutResult(status -> {
                status.setRollbackOnly();
                latest.forEach(order -> rehearse(all.copy(
                        order.id(), order.details().name(), order.details().handOver())));
            });
            LOG.info("Rehearsed");
        } catch (RuntimeException e) {
            // Nothing depends on it: an order may have been removed meanwhile.
            LOG.info("Rehearsal ended early", e);
        }
    }

    private void rehearse(long copy) {
        for (int round = 1; round <= ROUNDS; round++) {
            json.writeValueAsBytes(orders.changedByAHair(copy, round));
            json.writeValueAsBytes(orders.order(copy));
            if (round <= PRINTED) {
                prints.mixingSheet(copy);
                prints.bagLabels(copy, "PLAIN");
            }
        }
    }
}
