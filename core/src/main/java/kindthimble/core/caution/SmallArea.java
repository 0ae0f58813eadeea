package kindthimble.core.caution;

import java.util.List;
import kindthimble.core.geometry.Opening;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.Fill;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.move.Coating;
import kindthimble.core.move.Move;
import kindthimble.core.move.Sections;
import kindthimble.core.move.Squiggle;
import kindthimble.core.move.Under;
import kindthimble.core.words.Range;

/**
 * A section so narrow that its coat craters, or so fine that it can't be flooded at all: by the widest circle in it, or where most of it is
 * limbs, by their width (what a circle as wide as the limit does not reach, see {@link NarrowPart}). The same for what is filled on a coat.
 */
final class SmallArea implements Warning {
    private static final double MOST_OF_IT = 0.6;

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
        cookie.each(Coating.class, (at, coat) -> look(cookie, at, coat, found));
        cookie.each(Move.class, (at, move) -> {
            if (!move.hasSquiggle()) {
                filled(cookie, at, found);
            }
        });
    }

    /** A second flood, a raised fill, letters on a coat: the narrowest of its shapes. */
    private static void filled(IcedCookie cookie, int at, Found found) {
        double small = Craters.narrowerThan(cookie.mean(Habit.SMALL_AREA_MM), cookie, at);
        Region narrowest = Region.EMPTY;
        double least = small;
        for (OnCookie on : cookie.marksOf(at)) {
            List<Region> pieces = on.mark() instanceof Fill fill
                    ? fill.regions().stream()
                            .flatMap(region -> region.pieces().stream())
                            .toList()
                    : List.of();
            for (Region piece : pieces) {
                double across = 2 * piece.widestRadiusUpTo(small / 2);
                if (across < least) {
                    least = across;
                    narrowest = piece;
                }
            }
        }
        if (!narrowest.isEmpty()) {
            found.add(
                    at,
                    "Only %s mm wide: it may crater. Pipe a squiggle under it, or dry it under a fan."
                            .formatted(tenths(least)),
                    narrowest,
                    Remedy.set("Put a squiggle under it", at, "under", Under.SQUIGGLE));
        }
    }

    private static void look(IcedCookie cookie, int at, Coating coat, Found found) {
        double small = Craters.narrowerThan(cookie.mean(Habit.SMALL_AREA_MM), cookie, at);
        double least = Double.MAX_VALUE;
        String smallest = "";
        for (String section : cookie.named(at)) {
            if (hasSquiggle(cookie, section, at)) {
                continue;
            }
            Region wet = cookie.coats().wetWith(section, cookie.sections().region(section));
            double across = 2 * wet.widestRadiusUpTo(small / 2);
            if (across < least) {
                least = across;
                smallest = section;
            }
        }
        if (least < cookie.mean(Habit.FINEST_PART_MM)) {
            found.add(
                    at,
                    "Only %s mm wide%s: a part so fine can't be flooded. Draw it with a line, or make the cookie larger."
                            .formatted(tenths(least), in(smallest)),
                    cookie.sections().region(smallest));
        } else if (least >= small) {
            limbs(cookie, at, coat, found);
        } else {
            found.add(
                    at,
                    "Only %s mm wide%s: it may crater. Pipe a squiggle first, or dry it under a fan."
                            .formatted(tenths(least), in(smallest)),
                    cookie.sections().region(smallest),
                    squiggle(at, coat, smallest));
        }
    }

    /** A letter's limbs crater, though its box is wide and circles fit where they meet. */
    private static void limbs(IcedCookie cookie, int at, Coating coat, Found found) {
        double small = Craters.narrowerThan(cookie.mean(Habit.SMALL_AREA_MM), cookie, at);
        for (String section : cookie.named(at)) {
            Region region = cookie.sections().region(section);
            Region wet = cookie.coats().wetWith(section, region);
            boolean isLimbs = !hasSquiggle(cookie, section, at)
                    && 2 * wet.areaMm2() / wet.perimeterMm() < small
                    && Opening.narrowParts(wet, small, 0).stream()
                                    .mapToDouble(Region::areaMm2)
                                    .sum()
                            > MOST_OF_IT * wet.areaMm2();
            if (isLimbs) {
                found.add(
                        at,
                        "Most of it is less than %s mm wide%s: it may crater. Pipe a squiggle first, or dry it under a fan."
                                .formatted(tenths(small), in(section)),
                        region,
                        squiggle(at, coat, section));
                return;
            }
        }
    }

    private static Remedy squiggle(int at, Coating coat, String section) {
        return Remedy.before(
                "Add a squiggle", at, new Squiggle(coat.colour(), section.equals(Sections.WHOLE) ? null : section));
    }

    static boolean hasSquiggle(IcedCookie cookie, String section, int before) {
        for (int i = 0; i < before; i++) {
            if (cookie.moves().get(i) instanceof Squiggle && cookie.named(i).contains(section)) {
                return true;
            }
        }
        return false;
    }

    static String in(String section) {
        return section.equals(Sections.WHOLE) ? "" : " in " + section;
    }

    static String tenths(double mm) {
        return Range.plain(Math.round(mm * 10) / 10.0);
    }
}
