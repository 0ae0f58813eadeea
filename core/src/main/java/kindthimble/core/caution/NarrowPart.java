package kindthimble.core.caution;

import java.util.List;
import kindthimble.core.geometry.Opening;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.move.Coating;
import kindthimble.core.move.Sections;
import kindthimble.core.move.Squiggle;

/**
 * A section that is wide enough, but for an arm or a neck: by its local width. What a circle as wide as the limit does not reach when it
 * is rolled about inside (the region without its opening, J. Serra, Image Analysis and Mathematical Morphology, 1982) is narrower
 * than that. Corners lose a little so; an arm is what is at least three times as long as the limit is wide.
 */
final class NarrowPart implements Warning {
    private static final double LENGTH_IN_WIDTHS = 3;

    @Override
    public Weight weight() {
        return Weight.MIND;
    }

    @Override
    public boolean isOnFilm() {
        return false;
    }

    @Override
    public Damage damage() {
        return Damage.CRATER;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Coating.class, (at, coat) -> {
            double limit = Craters.narrowerThan(cookie.mean(Habit.NARROW_PART_MM), cookie, at);
            double small = Craters.narrowerThan(cookie.mean(Habit.SMALL_AREA_MM), cookie, at);
            for (String section : cookie.named(at)) {
                Region wet = cookie.coats().wetWith(section, cookie.sections().region(section));
                if (SmallArea.hasSquiggle(cookie, section, at) || wet.widestRadiusUpTo(small / 2) < small / 2) {
                    continue; // What is narrow everywhere has a warning of its own.
                }
                List<Region> arms = Opening.narrowParts(wet, limit, LENGTH_IN_WIDTHS * limit * limit);
                if (!arms.isEmpty()) {
                    found.add(
                            at,
                            "A part%s is less than %s mm wide: it may crater, though the rest does not. Pipe a squiggle first, or dry it under a fan."
                                    .formatted(
                                            section.equals(Sections.WHOLE) ? "" : " of " + section,
                                            SmallArea.tenths(limit)),
                            arms.get(0),
                            Remedy.before(
                                    "Add a squiggle",
                                    at,
                                    new Squiggle(coat.colour(), section.equals(Sections.WHOLE) ? null : section)));
                    return;
                }
            }
        });
    }
}
