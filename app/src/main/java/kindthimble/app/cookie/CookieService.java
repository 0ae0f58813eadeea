package kindthimble.app.cookie;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.design.Measuring;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.habit.Habit;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;

/** Measures designs, and remembers those it has measured: their areas do not change until they do. */
@Service
public class CookieService {
    private static final int REMEMBERED = 500;

    /** No design that anybody could ice takes so long. */
    private static final Duration LONGEST = Duration.ofSeconds(2);

    /** What takes longer than this goes on alone, so that the changes of others stay quick. */
    private static final Duration BRIEF = Duration.ofMillis(100);

    private final OneByOne queue = new OneByOne(LONGEST, BRIEF, OneByOne.PATIENCE);

    private final Cache<Asked, Measured> measured =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    private final Cache<Cutter, Region> cut =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    /** What a cutter leaves in the dough, before it is baked. */
    public Region cut(Cutter cutter) {
        return cut.get(cutter, one -> one.baked(0));
    }

    /** Of how colours look, only what is dark beside light decides how a design is measured. */
    private record Asked(Design design, Kitchen kitchen, Set<List<String>> darkOnLight) {
        static Asked of(Design design, Kitchen kitchen) {
            return new Asked(
                    design,
                    kitchen.with(Palette.UNKNOWN),
                    kitchen.palette().darkOnLight(design.colours(), kitchen.mean(Habit.BLEEDS_FROM_DELTA_L)));
        }
    }

    private record Measured(Cookie cookie, CookieView view) {}

    /**
     * @throws kindthimble.core.words.Refused when it can't be measured
     */
    public Cookie measure(Design design, Kitchen kitchen) {
        return both(design, kitchen).cookie();
    }

    /** The same for the screen. */
    public CookieView view(Design design, Kitchen kitchen) {
        return both(design, kitchen).view().playedIn(kitchen.palette());
    }

    private Measured both(Design design, Kitchen kitchen) {
        Asked asked = Asked.of(design, kitchen);
        Measured known = measured.getIfPresent(asked);
        if (known == null) {
            // Not inside the cache: there, one that takes long would hold up others.
            known = anew(design, kitchen);
            measured.put(asked, known);
        }
        return known;
    }

    private Measured anew(Design design, Kitchen kitchen) {
        try {
            return queue.compute(() -> {
                Cookie cookie = new Measuring(kitchen).measure(design);
                return new Measured(cookie, CookieView.of(cookie, kitchen));
            });
        } catch (TooMuch tooMuch) {
            throw new Refused("moves", "All moves together: " + tooMuch.getMessage());
        }
    }
}
