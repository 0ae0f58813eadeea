package kindthimble.app.practice;

import io.swagger.v3.oas.annotations.media.Schema;
import kindthimble.app.bench.BenchView;
import kindthimble.core.words.Refused;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** An order that is played in the practice kitchen. */
@RestController
@RequestMapping("/api/orders/{order}/practice")
class PlayController {
    private static final double MOST_GRAMS = 20_000;
    private static final double MOST_MS = 600_000;
    private static final int MOST_NTH = 100_000;
    private static final int LONGEST = 200;

    private final PlayService play;

    PlayController(PlayService play) {
        this.play = play;
    }

    /** @param seed of the day */
    @Schema(name = "PracticeSeed")
    record Seed(long seed) {}

    /** @param seconds by which the clock is put forward */
    @Schema(name = "PracticeLater")
    record Later(long seconds) {}

    /** Begins to play the order. */
    @PostMapping("/begin")
    BenchView begin(@PathVariable long order, @RequestBody Seed seed) {
        return play.begin(order, seed.seed());
    }

    /** Ends it: all that was pressed in play is taken back. */
    @PostMapping("/end")
    BenchView end(@PathVariable long order) {
        return play.end(order);
    }

    /** Puts the clock of the play forward. */
    @PostMapping("/later")
    BenchView later(@PathVariable long order, @RequestBody Later later) {
        return play.later(order, later.seconds());
    }

    /** Does something with the hands. */
    @PostMapping("/deeds")
    Deed.Outcome act(@PathVariable long order, @RequestBody Deed deed) {
        boolean canBe = deed.what() != null
                && deed.step() != null
                && deed.step().length() <= LONGEST
                && deed.name() != null
                && deed.name().length() <= LONGEST
                && deed.wanted() >= 0
                && deed.wanted() <= MOST_GRAMS
                && deed.nth() >= 0
                && deed.nth() <= MOST_NTH
                && deed.fromMs() >= 0
                && deed.toMs() >= deed.fromMs()
                && deed.toMs() <= MOST_MS * 1_000;
        if (!canBe) {
            throw new Refused("", "The practice kitchen can't do that.");
        }
        return play.act(order, deed);
    }
}
