package kindthimble.app.clock;

import java.time.LocalDate;
import java.util.List;
import kindthimble.core.work.WetRehearsal;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class ClockController {
    private final ClockService clock;
    private final Planning planning;
    private final WhatIf whatIf;
    private final OneMore oneMore;
    private final WeekHours week;

    ClockController(ClockService clock, Planning planning, WhatIf whatIf, OneMore oneMore, WeekHours week) {
        this.clock = clock;
        this.planning = planning;
        this.whatIf = whatIf;
        this.oneMore = oneMore;
        this.week = week;
    }

    /** An order on the clock, among all that are ahead. Stores nothing. */
    @GetMapping("/orders/{order}/clock")
    ClockView view(@PathVariable long order) {
        return clock.view(order);
    }

    /** The passes of a design in which something sinks into a coat, second by second on one cookie. */
    @GetMapping("/orders/{order}/designs/{design}/rehearsal")
    List<WetRehearsal> rehearsal(@PathVariable long order, @PathVariable long design) {
        return clock.rehearsal(order, design);
    }

    /** What the plan would be if something were otherwise. Stores nothing. */
    @GetMapping("/orders/{order}/clock/what-if/{otherwise}")
    WhatIf.Answer whatIf(@PathVariable long order, @PathVariable Otherwise otherwise) {
        return whatIf.of(order, otherwise);
    }

    /** Whether one more order can be taken. Stores nothing. */
    @PostMapping("/week/one-more")
    OneMore.Answer oneMore(@RequestBody OneMore.Wish wish) {
        return oneMore.of(wish);
    }

    /** Hours promised and hours there are on seven days, what is next, and what dries. */
    @GetMapping("/week/hours")
    WeekHours.View week(@RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate from) {
        return week.of(from);
    }

    /** Stops the search for a better plan; the best so far stays. */
    @PostMapping("/clock/stop")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop() {
        planning.stop();
    }
}
