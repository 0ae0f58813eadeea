package kindthimble.app.week;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import kindthimble.app.desk.DeskService;
import kindthimble.app.order.AllOrders;
import kindthimble.app.order.Orders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is handed over when. */
@Service
@Transactional(readOnly = true)
class WeekService {
    private static final int DAYS = 7;
    private static final int MONTHS_IN_SIGHT = 3;
    private static final int WEEKS_IN_SIGHT = 26;

    private final AllOrders all;
    private final Orders orders;
    private final DeskService desk;
    private final Clock clock;

    WeekService(AllOrders all, Orders orders, DeskService desk, Clock clock) {
        this.all = all;
        this.orders = orders;
        this.desk = desk;
        this.clock = clock;
    }

    WeekView week(LocalDate wanted) {
        LocalDate today = LocalDate.now(clock);
        LocalDate from = wanted == null ? today : wanted;
        List<WeekView.Tray> trays = desk.pictured(all.between(from, from.plusDays(DAYS))).entrySet().stream()
                .map(one -> new WeekView.Tray(one.getKey().id(), one.getKey().details(), one.getValue()))
                .toList();
        AllOrders.Page ahead = all.ahead(today);
        return new WeekView(
                today,
                from,
                trays,
                ahead.orders().stream().findFirst().orElse(null),
                ahead.total(),
                free(today),
                orders.isUntouched());
    }

    /** The next Saturday after today on which nothing is handed over; where all in sight are taken, the next one. */
    private LocalDate free(LocalDate today) {
        LocalDate first = today.with(TemporalAdjusters.next(DayOfWeek.SATURDAY));
        Map<LocalDate, Integer> taken = all.days(first, first.plusWeeks(WEEKS_IN_SIGHT));
        for (int week = 0; week < WEEKS_IN_SIGHT; week++) {
            if (!taken.containsKey(first.plusWeeks(week))) {
                return first.plusWeeks(week);
            }
        }
        return first;
    }

    Map<LocalDate, Integer> months(YearMonth month) {
        return all.days(
                month.minusMonths(1).atDay(1), month.plusMonths(MONTHS_IN_SIGHT).atDay(1));
    }
}
