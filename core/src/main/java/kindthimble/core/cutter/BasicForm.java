package kindthimble.core.cutter;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Pen;
import kindthimble.core.words.Unit;

/** Forms made of lines and arcs. */
public sealed interface BasicForm extends CutterShape {

    /** Usual proportions, in percent (points and scallops: how many). */
    double OVAL_HEIGHT = 72;

    double CARD_HEIGHT = 62;
    double PLAQUE_BITE = 16;
    double SCALLOPS = 12;
    double STAR_POINTS = 5;
    double STAR_INNER = 50;
    double ARCH_HEIGHT = 130;

    @Word(value = "round", says = "a plain disc")
    record Round() implements BasicForm {
        @Override
        public Pen drawn() {
            return new Pen().arc(0, 0, 1, 1, 0, 360);
        }
    }

    /**
     * @param heightPercent height in percent of the width
     */
    @Word(value = "oval", says = "a disc, flattened")
    record Oval(
            @Amount(word = "height of width", unit = Unit.PERCENT, least = 15, most = 400, usual = OVAL_HEIGHT)
            Double heightPercent)
            implements BasicForm {
        @Override
        public Pen drawn() {
            return new Pen().arc(0, 0, 100, heightPercent, 0, 360);
        }
    }

    @Word(value = "square", says = "four equal sides")
    record Square() implements BasicForm {
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
            implements BasicForm {
        @Override
        public Pen drawn() {
            double height = heightPercent / 100;
            return new Pen().moveTo(0, 0).lineTo(1, 0).lineTo(1, height).lineTo(0, height);
        }
    }

    /**
     * @param heightPercent height in percent of the width
     * @param bitePercent radius of the bites in percent of the width
     */
    @Word(value = "plaque", says = "a card with cut-in corners")
    record Plaque(
            @Amount(word = "height of width", unit = Unit.PERCENT, least = 40, most = 250, usual = CARD_HEIGHT)
            Double heightPercent,

            @Amount(word = "corners cut in", unit = Unit.PERCENT, least = 2, most = 18, usual = PLAQUE_BITE)
            Double bitePercent)
            implements BasicForm {
        @Override
        public Pen drawn() {
            double h = heightPercent;
            double r = bitePercent;
            return new Pen()
                    .arc(0, 0, r, r, 90, -90)
                    .arc(100, 0, r, r, 180, -90)
                    .arc(100, h, r, r, 270, -90)
                    .arc(0, h, r, r, 0, -90);
        }
    }

    /**
     * @param lobes how many
     */
    @Word(value = "scalloped round", says = "a disc with a wavy rim")
    record Scalloped(
            @Amount(word = "scallops", unit = Unit.PIECES, least = 6, most = 40, usual = SCALLOPS)
            Integer lobes) implements BasicForm {
        @Override
        public Pen drawn() {
            int n = lobes;
            double reach = 100 * Math.cos(Math.PI / n);
            double lobe = 100 * Math.sin(Math.PI / n);
            Pen pen = new Pen();
            for (int i = 0; i < n; i++) {
                double at = 360.0 * i / n;
                pen.arc(
                        reach * Math.cos(Math.toRadians(at)),
                        reach * Math.sin(Math.toRadians(at)),
                        lobe,
                        lobe,
                        at - 90,
                        180);
            }
            return pen;
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
            implements BasicForm {
        @Override
        public Pen drawn() {
            int tips = points;
            double inner = innerPercent / 100;
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

    @Word(value = "hexagon", says = "six equal sides")
    record Hexagon() implements BasicForm {
        @Override
        public Pen drawn() {
            Pen pen = new Pen().moveTo(1, 0);
            for (int i = 1; i < 6; i++) {
                pen.lineTo(Math.cos(Math.PI * i / 3), Math.sin(Math.PI * i / 3));
            }
            return pen;
        }
    }

    /**
     * @param heightPercent height in percent of the width
     */
    @Word(value = "arch", says = "a door with a round top")
    record Arch(
            @Amount(word = "height of width", unit = Unit.PERCENT, least = 60, most = 300, usual = ARCH_HEIGHT)
            Double heightPercent)
            implements BasicForm {
        @Override
        public Pen drawn() {
            return new Pen()
                    .arc(50, 50, 50, 50, 180, 180)
                    .lineTo(100, heightPercent)
                    .lineTo(0, heightPercent);
        }
    }
}
