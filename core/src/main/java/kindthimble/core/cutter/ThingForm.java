package kindthimble.core.cutter;

import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Pen;

/** Things, plants and animals: shapes drawn over each other, which the cutter cuts as one. */
public sealed interface ThingForm extends CutterShape {
    /** Path data, clockwise on the screen; what overlaps adds up. */
    private static Pen joined(String... shapes) {
        return new Pen().overlapping().follow(String.join("", shapes), 0, 0);
    }

    private static String disc(double x, double y, double r) {
        return oval(x, y, r, r, 0);
    }

    private static String oval(double x, double y, double rx, double ry, double tilt) {
        double dx = rx * Math.cos(Math.toRadians(tilt));
        double dy = rx * Math.sin(Math.toRadians(tilt));
        return "M%s %sA%s %s %s 0 1 %s %sA%s %s %s 0 1 %s %sZ"
                .formatted(x - dx, y - dy, rx, ry, tilt, x + dx, y + dy, rx, ry, tilt, x - dx, y - dy);
    }

    @Word(value = "flower", says = "five round petals")
    record Flower() implements ThingForm {
        @Override
        public Pen drawn() {
            String[] petals = new String[6];
            for (int i = 0; i < 5; i++) {
                double angle = Math.toRadians(72 * i - 90);
                petals[i] = disc(33 * Math.cos(angle), 33 * Math.sin(angle), 25);
            }
            petals[5] = disc(0, 0, 25);
            return joined(petals);
        }
    }

    @Word(value = "jar", says = "a preserving jar with a lid")
    record PreserveJar() implements ThingForm {
        @Override
        public Pen drawn() {
            return joined("M15 0H65V16H60Q80 22 80 42V90Q80 104 66 104H14Q0 104 0 90V42Q0 22 20 16H15Z");
        }
    }

    @Word(value = "dress", says = "a bodice with straps and a wide skirt")
    record Dress() implements ThingForm {
        @Override
        public Pen drawn() {
            return joined("M26 0H34L38 12Q50 22 62 12L66 0H74L72 38L100 104Q50 116 0 104L28 38Z");
        }
    }

    @Word(value = "animal head", says = "a round head with two round ears")
    record AnimalHead() implements ThingForm {
        @Override
        public Pen drawn() {
            return joined(disc(0, 0, 40), disc(-31, -31, 17), disc(31, -31, 17));
        }
    }

    @Word(value = "rabbit head", says = "a round head with two long ears")
    record RabbitHead() implements ThingForm {
        @Override
        public Pen drawn() {
            return joined(oval(0, 0, 38, 34, 0), oval(-17, -52, 12, 38, -8), oval(17, -52, 12, 38, 8));
        }
    }

    @Word(value = "fir tree", says = "three tiers and a trunk")
    record FirTree() implements ThingForm {
        @Override
        public Pen drawn() {
            return joined("M50 0L76 36H67L86 68H76L100 104H60V120H40V104H0L24 68H14L33 36H24Z");
        }
    }

    @Word(value = "flake", says = "a snow flake with six arms")
    record Flake() implements ThingForm {
        @Override
        public Pen drawn() {
            Pen pen = new Pen();
            for (int i = 0; i < 6; i++) {
                double[][] arm = {
                    {-7, -14},
                    {-7, -30},
                    {-17, -38},
                    {-13, -47},
                    {-7, -43},
                    {-7, -58},
                    {7, -58},
                    {7, -43},
                    {13, -47},
                    {17, -38},
                    {7, -30},
                    {7, -14}
                };
                double cos = Math.cos(Math.toRadians(60 * i));
                double sin = Math.sin(Math.toRadians(60 * i));
                for (int k = 0; k < arm.length; k++) {
                    double x = arm[k][0] * cos - arm[k][1] * sin;
                    double y = arm[k][0] * sin + arm[k][1] * cos;
                    if (i == 0 && k == 0) {
                        pen.moveTo(x, y);
                    } else {
                        pen.lineTo(x, y);
                    }
                }
            }
            return pen;
        }
    }

    @Word(value = "apple", says = "two lobes, a stalk and a leaf")
    record Apple() implements ThingForm {
        @Override
        public Pen drawn() {
            return joined(
                    "M50 30C66 14 100 20 100 56C100 88 78 108 62 106Q50 102 38 106C22 108 0 88 0 56C0 20 34 14 50 30Z",
                    "M45 34L43 8L53 6L55 34Z",
                    "M52 20Q58 0 84 4Q78 24 52 20Z");
        }
    }

    @Word(value = "carrot", says = "a root with three leaves")
    record Carrot() implements ThingForm {
        @Override
        public Pen drawn() {
            return joined(
                    "M14 44Q40 30 66 44Q72 92 40 140Q8 92 14 44Z",
                    oval(40, 20, 8, 22, 0),
                    oval(24, 24, 8, 22, -28),
                    oval(56, 24, 8, 22, 28));
        }
    }

    @Word(value = "mug", says = "a mug with a wide handle")
    record Mug() implements ThingForm {
        @Override
        public Pen drawn() {
            return joined("M0 0H80V18H88Q112 18 112 50T88 82H80Q80 100 62 100H18Q0 100 0 82Z");
        }
    }

    @Word(value = "ring", says = "a band with a stone")
    record Ring() implements ThingForm {
        @Override
        public Pen drawn() {
            return joined(disc(50, 84, 44), "M32 0H68L86 22L58 52H42L14 22Z");
        }
    }

    @Word(value = "fish", says = "a body and a tail")
    record Fish() implements ThingForm {
        @Override
        public Pen drawn() {
            return joined("M0 40Q32 0 72 26L100 6Q92 40 100 74L72 54Q32 80 0 40Z");
        }
    }

    @Word(value = "house", says = "a gable and a chimney")
    record House() implements ThingForm {
        @Override
        public Pen drawn() {
            return joined("M50 0L70 19V6H84V32L100 47H90V106H10V47H0Z");
        }
    }

    @Word(value = "gift tag", says = "a card with two cut corners")
    record GiftTag() implements ThingForm {
        @Override
        public Pen drawn() {
            return joined("M18 0H52L70 26V110H0V26Z");
        }
    }

    @Word(value = "pumpkin", says = "five ribs and a stalk")
    record Pumpkin() implements ThingForm {
        @Override
        public Pen drawn() {
            return joined(
                    oval(50, 55, 20, 40, 0),
                    oval(30, 56, 20, 37, 0),
                    oval(70, 56, 20, 37, 0),
                    oval(14, 58, 18, 30, 0),
                    oval(86, 58, 18, 30, 0),
                    "M44 24L40 2L52 0L56 24Z");
        }
    }

    @Word(value = "mushroom", says = "a cap on a stem")
    record Mushroom() implements ThingForm {
        @Override
        public Pen drawn() {
            return joined("M0 52C0 20 22 0 50 0S100 20 100 52Q84 60 66 58Q66 84 74 100H26Q34 84 34 58Q16 60 0 52Z");
        }
    }
}
