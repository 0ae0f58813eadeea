package kindthimble.app.week;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import kindthimble.app.order.AllOrders;
import kindthimble.app.order.Wanted;
import kindthimble.core.words.Refused;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Orders by their days, and all of them to be looked for. */
@RestController
@RequestMapping("/api")
class WeekController {
    private static final int FIRST_YEAR = 2000;
    private static final int LAST_YEAR = 2199;
    private static final int MOST_PAGES = 10_000;
    private static final int LONGEST_TEXT = 120;

    private final WeekService week;
    private final AllOrders orders;

    WeekController(WeekService week, AllOrders orders) {
        this.week = week;
        this.orders = orders;
    }

    /** Seven days from one on; left out, from today on. */
    @GetMapping("/week")
    WeekView week(@RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate from) {
        if (from != null) {
            check(from.getYear());
        }
        return week.week(from);
    }

    /** How many orders are handed over on each day of some months around one. */
    @GetMapping("/week/months")
    Map<LocalDate, Integer> months(@RequestParam @DateTimeFormat(pattern = "yyyy-MM") YearMonth month) {
        check(month.getYear());
        return week.months(month);
    }

    /** The orders that are looked for, a page of them. */
    @GetMapping("/orders")
    AllOrders.Page orders(
            @RequestParam(defaultValue = "") String text,
            @RequestParam(required = false) @DateTimeFormat(pattern = "yyyy-MM") YearMonth month,
            @RequestParam(defaultValue = "false") boolean archived,
            @RequestParam(defaultValue = "LATEST") Wanted.ListedBy sort,
            @RequestParam(defaultValue = "0") int page) {
        if (text.length() > LONGEST_TEXT || text.indexOf('\0') >= 0) {
            throw new Refused("text", "Look for up to " + LONGEST_TEXT + " letters.");
        }
        if (page < 0 || page > MOST_PAGES) {
            throw new Refused("page", "There is no such page.");
        }
        if (month != null) {
            check(month.getYear());
        }
        return orders.list(new Wanted(text, month, archived, sort, page));
    }

    /** Orders and designs that were removed in the last thirty days. */
    @GetMapping("/removed")
    List<AllOrders.Removed> removed() {
        return orders.removed();
    }

    private static void check(int year) {
        if (year < FIRST_YEAR || year > LAST_YEAR) {
            throw new Refused("from", "There are weeks from %d to %d.".formatted(FIRST_YEAR, LAST_YEAR));
        }
    }
}
