package kindthimble.core.move;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Text;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Pen;
import kindthimble.core.geometry.Region;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/**
 * Divides a region into sections. The sections are called by the division's key and a number: {@code a1}, {@code a2}, … A division
 * puts nothing on the cookie.
 */
public sealed interface Division extends Move
        permits Division.Bands,
                Division.Spokes,
                Division.Rings,
                Division.Checks,
                Division.Frame,
                Division.Horizon,
                Division.Lettering,
                Inlay,
                Outlines {
    /** How far lines are drawn beyond the region, so that they cut it through. */
    double BEYOND = 1.5;

    /** Usual numbers. */
    double BANDS = 4;

    double SPOKES = 6;
    double RINGS = 3;
    double CHECKS = 4;
    double FRAME_MM = 6;
    double HORIZON = 50;
    double LETTERS_HEIGHT = 40;
    double INLAY_MM = 25;

    /** What its sections are called by: one letter. */
    String key();

    /** The section that it divides; null for the whole cookie. */
    String of();

    /** The sections, in order; together they are the region, and no two overlap. Empty ones are left out. */
    List<Region> sections(Region whole);

    /** The same, for a division that follows the whole cookie wherever it lies on it. */
    default List<Region> sections(Region part, Box baked) {
        return sections(part);
    }

    @Word(value = "bands", says = "parallel stripes", group = Kind.Group.DIVIDE)
    record Bands(
            @Text(word = "called", longest = 1, usual = "a") String key,

            @Choice(word = "of", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
            String of,

            @Amount(word = "how many", unit = Unit.PIECES, least = 2, most = 40, usual = BANDS)
            int pieces,

            @Amount(word = "tilt", unit = Unit.DEGREES, least = -90, most = 90, usual = 0)
            Double tiltDegrees,

            @Text(word = "widths, as 2 1 2", longest = 200, usual = "")
            String shares,

            @Choice(word = "mirrored", from = Choice.From.WORDS, otherwise = "no")
            Mirrored mirrored)
            implements Division {
        /** Whether a band and its mirror image are one section: the last one is in the middle. */
        public enum Mirrored {
            FROM_BOTH_SIDES
        }

        /** Bands of equal width, side by side. */
        public Bands(String key, String of, int pieces, Double tiltDegrees) {
            this(key, of, pieces, tiltDegrees, null, null);
        }

        @Override
        public List<Region> sections(Region whole) {
            Box box = whole.turned(-tiltDegrees).box();
            List<Region> parts = new ArrayList<>();
            double[] widths = widths();
            double unit = box.widthMm()
                    / (mirrored == null ? 1 : 2)
                    / Arrays.stream(widths).sum();
            double across = 0;
            for (int i = 0; i < widths.length; i++) {
                double width = widths[i] * unit;
                boolean isMiddle = mirrored != null && i == widths.length - 1;
                Region band = band(box, across, isMiddle ? 2 * width : width);
                if (mirrored != null && !isMiddle) {
                    band = Region.union(List.of(band, band(box, box.widthMm() - across - width, width)));
                }
                parts.add(band.turned(tiltDegrees));
                across += width;
            }
            return cut(whole, parts);
        }

        private static Region band(Box box, double across, double width) {
            return card(box.x() + across, box.y() - 1, width, box.heightMm() + 2);
        }

        /** How wide the bands are, by any measure: as they are written, or all alike. */
        private double[] widths() {
            if (shares == null || shares.isBlank()) {
                double[] alike = new double[pieces];
                Arrays.fill(alike, 1);
                return alike;
            }
            String[] written = shares.strip().split("[\\s,:;]+");
            double[] widths = new double[written.length];
            for (int i = 0; i < written.length; i++) {
                if (!written[i].matches("\\d{1,4}(\\.\\d{1,3})?") || Double.parseDouble(written[i]) <= 0) {
                    throw new Refused("shares", "Write a number for each band, such as 2 1 2.");
                }
                widths[i] = Double.parseDouble(written[i]);
            }
            if (widths.length < 2 || widths.length > MOST_BANDS) {
                throw new Refused("shares", "Write from 2 to %d widths.".formatted(MOST_BANDS));
            }
            return widths;
        }
    }

    int MOST_BANDS = 40;

    @Word(value = "spokes", says = "wedges round a middle", group = Kind.Group.DIVIDE)
    record Spokes(
            @Text(word = "called", longest = 1, usual = "a") String key,

            @Choice(word = "of", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
            String of,

            @Amount(word = "how many", unit = Unit.PIECES, least = 2, most = 40, usual = SPOKES)
            int pieces,

            @Amount(word = "middle across", unit = Unit.PERCENT, least = 0, most = 100, usual = 50)
            Double acrossPercent,

            @Amount(word = "middle down", unit = Unit.PERCENT, least = 0, most = 100, usual = 50)
            Double downPercent,

            @Amount(word = "turn", unit = Unit.DEGREES, least = -180, most = 180, usual = 0)
            Double turnDegrees,

            @Amount(word = "curved by", unit = Unit.DEGREES, least = -180, most = 180, usual = 0)
            Double curveDegrees)
            implements Division {
        private static final int CURVE_STEPS = 32;

        /** Straight wedges. */
        public Spokes(String key, String of, int pieces, Double acrossPercent, Double downPercent, Double turnDegrees) {
            this(key, of, pieces, acrossPercent, downPercent, turnDegrees, 0.0);
        }

        @Override
        public List<Region> sections(Region whole) {
            Box box = whole.box();
            double x = box.x() + box.widthMm() * acrossPercent / 100;
            double y = box.y() + box.heightMm() * downPercent / 100;
            double reach = 2 * Math.hypot(box.widthMm(), box.heightMm());
            double sweep = 360.0 / pieces;
            List<Region> parts = new ArrayList<>();
            for (int i = 0; i < pieces; i++) {
                double from = -90 + turnDegrees + i * sweep;
                Pen pen = new Pen().moveTo(x, y);
                int bends = curveDegrees == 0 ? 1 : CURVE_STEPS;
                for (int k = 1; k < bends; k++) {
                    out(pen, x, y, from, reach / 4 * k / bends, reach);
                }
                int steps = (int) Math.ceil(sweep / 45);
                for (int k = 0; k <= steps; k++) {
                    out(pen, x, y, from + sweep * k / steps, reach, reach);
                }
                for (int k = bends - 1; k >= 1; k--) {
                    out(pen, x, y, from + sweep, reach / 4 * k / bends, reach);
                }
                parts.add(pen.region());
            }
            return cut(whole, parts);
        }

        /** A line to a point so far from the middle: a curved spoke turns evenly on its way out, by its whole angle when it is as far out as a corner. */
        private void out(Pen pen, double x, double y, double degrees, double far, double reach) {
            double angle = Math.toRadians(degrees + curveDegrees * Math.min(1, 4 * far / reach));
            pen.lineTo(x + far * Math.cos(angle), y + far * Math.sin(angle));
        }
    }

    @Word(value = "rings", says = "ring inside ring", group = Kind.Group.DIVIDE)
    record Rings(
            @Text(word = "called", longest = 1, usual = "a") String key,

            @Choice(word = "of", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
            String of,

            @Amount(word = "how many", unit = Unit.PIECES, least = 2, most = 20, usual = RINGS)
            int pieces)
            implements Division {
        @Override
        public List<Region> sections(Region whole) {
            double width = whole.inscribedRadiusMm() / pieces;
            List<Region> parts = new ArrayList<>();
            Region outer = whole;
            for (int i = 1; i < pieces; i++) {
                // Ring by ring: insets add up, and what has vanished once need not be looked for again.
                Region inner = outer.inset(width);
                parts.add(outer.without(inner));
                outer = inner;
            }
            parts.add(outer);
            return parts.stream().filter(part -> !part.isEmpty()).toList();
        }
    }

    @Word(value = "checks", says = "squares, every other one odd", group = Kind.Group.DIVIDE)
    record Checks(
            @Text(word = "called", longest = 1, usual = "a") String key,

            @Choice(word = "of", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
            String of,

            @Amount(word = "how many across", unit = Unit.PIECES, least = 2, most = 14, usual = CHECKS)
            int pieces)
            implements Division {
        @Override
        public List<Region> sections(Region whole) {
            Box box = whole.box();
            double side = box.widthMm() / pieces;
            int rows = (int) Math.ceil(box.heightMm() / side - 1e-9);
            List<Region> odd = new ArrayList<>();
            List<Region> even = new ArrayList<>();
            for (int row = 0; row < rows; row++) {
                for (int column = 0; column < pieces; column++) {
                    ((row + column) % 2 == 0 ? odd : even)
                            .add(card(box.x() + column * side, box.y() + row * side, side, side));
                }
            }
            // Numbered in turn, so that "odd" and "even" are the two colours of the board.
            List<Region> inTurn = new ArrayList<>();
            for (int i = 0; i < Math.max(odd.size(), even.size()); i++) {
                inTurn.add(i < odd.size() ? odd.get(i) : Region.EMPTY);
                inTurn.add(i < even.size() ? even.get(i) : Region.EMPTY);
            }
            return inTurn.stream().map(whole::intersection).toList();
        }
    }

    @Word(value = "frame", says = "a border and what lies inside it", group = Kind.Group.DIVIDE)
    record Frame(
            @Text(word = "called", longest = 1, usual = "a") String key,

            @Choice(word = "of", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
            String of,

            @Amount(word = "width", unit = Unit.MM, least = 1, most = 100, usual = FRAME_MM)
            double widthMm)
            implements Division {
        @Override
        public List<Region> sections(Region whole) {
            Region inner = whole.inset(widthMm);
            if (inner.isEmpty()) {
                throw new Refused("widthMm", "A frame so wide leaves nothing inside. Make it narrower.");
            }
            return List.of(whole.difference(inner), inner);
        }
    }

    /** A straight or bent line from side to side. */
    @Word(value = "horizon", says = "above and below a line, straight or bent", group = Kind.Group.DIVIDE)
    record Horizon(
            @Text(word = "called", longest = 1, usual = "a") String key,

            @Choice(word = "of", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
            String of,

            @Amount(word = "how far down", unit = Unit.PERCENT, least = 1, most = 99, usual = HORIZON)
            double downPercent,

            @Amount(word = "tilt", unit = Unit.DEGREES, least = -90, most = 90, usual = 0)
            Double tiltDegrees,

            @Amount(word = "bend", unit = Unit.PERCENT, least = -60, most = 60, usual = 0)
            Double bendPercent)
            implements Division {
        @Override
        public List<Region> sections(Region whole) {
            Box box = whole.turned(-tiltDegrees).box();
            double y = box.y() + box.heightMm() * downPercent / 100;
            double left = box.x() - BEYOND;
            double right = box.x() + box.widthMm() + BEYOND;
            // The middle of a quadratic curve lies half-way to its control point.
            double control = y + 2 * box.heightMm() * bendPercent / 100;
            Region above = new Pen()
                    .moveTo(left, y)
                    .curveTo(
                            left + (right - left) / 3,
                            y + 2 * (control - y) / 3,
                            left + 2 * (right - left) / 3,
                            y + 2 * (control - y) / 3,
                            right,
                            y)
                    .lineTo(right, box.y() - 2 * box.heightMm())
                    .lineTo(left, box.y() - 2 * box.heightMm())
                    .region()
                    .turned(tiltDegrees);
            return List.of(whole.intersection(above), whole.difference(above)).stream()
                    .filter(part -> !part.isEmpty())
                    .toList();
        }
    }

    /** Letters as a section, to flood or to flood around. */
    @Word(
            value = "letters",
            says = "letters, and the ground around them; | begins a new line",
            group = Kind.Group.DIVIDE)
    record Lettering(
            @Text(word = "called", longest = 1, usual = "a") String key,

            @Choice(word = "of", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
            String of,

            @Text(word = "text", longest = 20, usual = "K") String text,

            @Amount(word = "height of a line", unit = Unit.PERCENT, least = 5, most = 100, usual = LETTERS_HEIGHT)
            double heightPercent,

            @Amount(word = "more gap between letters", unit = Unit.MM, least = 0, most = 30, usual = 0)
            Double gapMm,

            @Choice(word = "sections", from = Choice.From.WORDS, otherwise = "all letters are one")
            Each each)
            implements Division {
        /** Whether letters are parted. */
        public enum Each {
            EACH_LETTER
        }

        /** All letters as one section. */
        public Lettering(String key, String of, String text, double heightPercent) {
            this(key, of, text, heightPercent, null, null);
        }

        @Override
        public List<Region> sections(Region whole) {
            Box box = whole.box();
            Region letters;
            try {
                letters = Writing.cut(text, box.heightMm() * heightPercent / 100, gapMm)
                        .moved(box.x() + box.widthMm() / 2, box.y() + box.heightMm() / 2);
            } catch (Refused refused) {
                throw new Refused("text", refused.getMessage());
            }
            Region inside = whole.intersection(letters);
            if (letters.areaMm2() - inside.areaMm2() > 0.001 * letters.areaMm2()) {
                throw new Refused("heightPercent", "These letters reach over the edge. Make them lower, or fewer.");
            }
            List<Region> parts = new ArrayList<>(each == null ? List.of(inside) : inside.pieces());
            parts.add(whole.difference(letters));
            return parts;
        }
    }

    private static Region card(double x, double y, double width, double height) {
        return new Pen()
                .moveTo(x, y)
                .lineTo(x + width, y)
                .lineTo(x + width, y + height)
                .lineTo(x, y + height)
                .region();
    }

    private static List<Region> cut(Region whole, List<Region> parts) {
        return parts.stream()
                .map(whole::intersection)
                .filter(part -> part.areaMm2() > 1e-6)
                .toList();
    }
}
