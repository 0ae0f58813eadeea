package kindthimble.core.cutter;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Pen;

/**
 * The form of a cutter, without its size. Each draws itself in any unit; {@link Cutter} gives it its size in mm.
 *
 * <p>A new form is one more record here.
 */
public sealed interface CutterShape {

    /** Usual proportions, in percent (points: how many). */
    double CARD_HEIGHT = 62;

    double STAR_POINTS = 5;
    double STAR_INNER = 50;
    double KITE_WIDTH = 69;
    double KITE_SPREADER = 36;

    /** Draws the outline, closed, y downwards, in units of its own. */
    Pen drawn();

    @Word(value = "round", says = "a plain disc")
    record Round() implements CutterShape {
        @Override
        public Pen drawn() {
            return new Pen().arc(0, 0, 1, 1, 0, 360);
        }
    }

    @Word(value = "square", says = "four equal sides")
    record Square() implements CutterShape {
        @Override
        public Pen drawn() {
            return new Pen().moveTo(0, 0).lineTo(1, 0).lineTo(1, 1).lineTo(0, 1);
        }
    }

    /**
     * @param heightPercent height in percent of the width
     */
    @Word(value = "rectangle", says = "a plain card")
    record Rectangle(
            @Amount(word = "height of width", unit = Unit.PERCENT, least = 15, most = 400, usual = CARD_HEIGHT)
            Double heightPercent)
            implements CutterShape {
        @Override
        public Pen drawn() {
            double height = or(heightPercent, CARD_HEIGHT) / 100;
            return new Pen().moveTo(0, 0).lineTo(1, 0).lineTo(1, height).lineTo(0, height);
        }
    }

    @Word(value = "heart", says = "two lobes and a point")
    record Heart() implements CutterShape {
        @Override
        public Pen drawn() {
            return new Pen()
                    .moveTo(50, 24)
                    .curveTo(46, 9, 35, 2, 24, 2)
                    .curveTo(8, 2, 0, 14, 0, 28)
                    .curveTo(0, 54, 34, 70, 50, 94)
                    .curveTo(66, 70, 100, 54, 100, 28)
                    .curveTo(100, 14, 92, 2, 76, 2)
                    .curveTo(65, 2, 54, 9, 50, 24);
        }
    }

    /**
     * @param points how many
     * @param innerPercent distance of the inner corners from the middle, in percent of that of the points
     */
    @Word(value = "star", says = "points round a middle")
    record Star(
            @Amount(word = "points", unit = Unit.PIECES, least = 3, most = 24, usual = STAR_POINTS)
            Integer points,

            @Amount(word = "inner corners at", unit = Unit.PERCENT, least = 20, most = 95, usual = STAR_INNER)
            Double innerPercent)
            implements CutterShape {
        @Override
        public Pen drawn() {
            int tips = points == null ? (int) STAR_POINTS : points;
            double inner = or(innerPercent, STAR_INNER) / 100;
            Pen pen = new Pen();
            for (int i = 0; i < 2 * tips; i++) {
                double angle = -Math.PI / 2 + Math.PI * i / tips;
                double radius = i % 2 == 0 ? 1 : inner;
                if (i == 0) {
                    pen.moveTo(radius * Math.cos(angle), radius * Math.sin(angle));
                } else {
                    pen.lineTo(radius * Math.cos(angle), radius * Math.sin(angle));
                }
            }
            return pen;
        }
    }

    /**
     * @param widthPercent width in percent of the height
     * @param spreaderPercent how far down the two side corners lie, in percent of the height
     */
    @Word(value = "diamond kite", says = "a kite on two spars")
    record DiamondKite(
            @Amount(word = "width of height", unit = Unit.PERCENT, least = 20, most = 200, usual = KITE_WIDTH)
            Double widthPercent,

            @Amount(word = "side corners down", unit = Unit.PERCENT, least = 10, most = 90, usual = KITE_SPREADER)
            Double spreaderPercent)
            implements CutterShape {
        @Override
        public Pen drawn() {
            double width = or(widthPercent, KITE_WIDTH);
            double down = or(spreaderPercent, KITE_SPREADER);
            return new Pen()
                    .moveTo(width / 2, 0)
                    .lineTo(width, down)
                    .lineTo(width / 2, 100)
                    .lineTo(0, down);
        }
    }

    private static double or(Double given, double usual) {
        return given == null ? usual : given;
    }
}
