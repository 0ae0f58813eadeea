package kindthimble.core.caution;

import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.move.Coating;
import kindthimble.core.move.Sections;
import kindthimble.core.move.Squiggle;
import kindthimble.core.words.Range;

/** A section so narrow that its coat craters, or so fine that it can't be flooded at all: by the widest circle in it. */
final class SmallArea implements Warning {
    @Override
    public Weight weight() {
        return Weight.MIND;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Coating.class, (at, coat) -> look(cookie, at, coat, found));
    }

    private static void look(IcedCookie cookie, int at, Coating coat, Found found) {
        double small = cookie.mean(Habit.SMALL_AREA_MM);
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
        } else if (least < small) {
            found.add(
                    at,
                    "Only %s mm wide%s: it may crater. Pipe a squiggle first, or dry it under a fan."
                            .formatted(tenths(least), in(smallest)),
                    cookie.sections().region(smallest),
                    Remedy.before(
                            "Add a squiggle",
                            at,
                            new Squiggle(coat.colour(), smallest.equals(Sections.WHOLE) ? null : smallest)));
        }
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
