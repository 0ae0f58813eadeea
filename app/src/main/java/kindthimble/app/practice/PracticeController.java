package kindthimble.app.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import kindthimble.app.clock.WorkOnClock;
import kindthimble.app.mixing.MixingService;
import kindthimble.app.mixing.MixingView;
import kindthimble.app.shop.ShopService;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.ThinningCurve;
import kindthimble.core.practice.PracticeDay;
import kindthimble.core.practice.Truth;
import kindthimble.core.work.Task;
import org.springframework.http.MediaType;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Plays an order in the practice kitchen, without a screen. Stores nothing, and teaches the shop's figures nothing. */
@RestController
@RequestMapping("/api/orders/{order}/practice")
class PracticeController {
    private static final double SECONDS_IN_HOUR = 3_600;
    private static final double PERCENT = 100;

    private final MixingService mixings;
    private final WorkOnClock work;
    private final ShopService shop;

    PracticeController(MixingService mixings, WorkOnClock work, ShopService shop) {
        this.mixings = mixings;
        this.work = work;
        this.shop = shop;
    }

    /**
     * A day by chance, as a report in words. The same seed plays the same day.
     *
     * @param seed of the day
     */
    @GetMapping(produces = MediaType.TEXT_PLAIN_VALUE)
    @Transactional(readOnly = true)
    public String report(@PathVariable long order, @RequestParam(defaultValue = "1") long seed) {
        MixingView mixing = mixings.view(order);
        Habits habits = shop.settings().habits();
        Truth truth = Truth.of(seed, habits, mixing.pour().baseCountSeconds());
        PracticeDay.Report day = PracticeDay.played(
                mixing.pour().pour(),
                mixing.pour().pour().cookies(),
                truth,
                new ThinningCurve(mixing.pour().baseCountSeconds(), ThinningCurve.PER_GRAM),
                seed);
        double planned = work.unplanned(order).pieces().stream()
                        .map(WorkOnClock.Piece::task)
                        .filter(task -> task.doing() == Task.Work.ICE)
                        .mapToInt(Task::handSeconds)
                        .sum()
                / SECONDS_IN_HOUR;
        List<String> lines = new ArrayList<>();
        lines.add(said(
                "Practice day %d: %d cookies iced, %d broke, %s.",
                seed,
                day.iced(),
                day.broken(),
                day.lacking() == 0 ? "enough for the hand-over" : day.lacking() + " lack for the hand-over"));
        for (PracticeDay.OfColour colour : day.colours()) {
            lines.add(said(
                    "%-18s planned %7.1f g, and %5.1f g to spare; taken %7.1f g: %s",
                    name(mixing, colour.colour()),
                    colour.plannedGrams(),
                    colour.spareGrams(),
                    colour.usedGrams(),
                    colour.ranShort()
                            ? said(
                                    "ran short by %.1f g",
                                    colour.usedGrams() - colour.plannedGrams() - colour.spareGrams())
                            : "enough"));
        }
        for (PracticeDay.Thinned one : day.thinned()) {
            lines.add(said(
                    "%-18s thinned to %.0f s in %d counts: it really counts %.1f s",
                    name(mixing, one.colour()), one.wantedSeconds(), one.counts(), one.seconds()));
        }
        lines.add(said("Icing took %.1f h, planned %.1f h.", planned * truth.seconds(), planned));
        lines.add(said(
                "Hidden were: a hand of %.0f %% of the plan, a base of %.0f s that loses %.2f for each gram of water, cookies that break in %.0f of 100.",
                truth.hand() * PERCENT,
                truth.curve().ownCountSeconds(),
                truth.curve().perGram(),
                truth.breaks() * PERCENT));
        lines.add(day.ranShort() ? "A colour ran short." : "No colour ran short.");
        return String.join("\n", lines) + "\n";
    }

    private static String said(String words, Object... with) {
        return String.format(Locale.ROOT, words, with);
    }

    private static String name(MixingView mixing, String colour) {
        return mixing.names().stream()
                .filter(one -> one.key().equals(colour))
                .findFirst()
                .map(one -> one.name())
                .orElse(colour);
    }
}
