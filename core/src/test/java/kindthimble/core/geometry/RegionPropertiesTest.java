package kindthimble.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What holds for any shape: nothing of it is lost or made when it is moved, cut, joined or drawn again. */
class RegionPropertiesTest {
    private static final int TIMES = 150;

    /** A star-shaped polygon of 3 to 22 corners about a point. */
    private static Region any(Random random) {
        int corners = 3 + random.nextInt(20);
        double x = random.nextDouble() * 30 - 15;
        double y = random.nextDouble() * 30 - 15;
        Pen pen = new Pen();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * i / corners;
            double r = 4 + random.nextDouble() * 26;
            double cornerX = x + r * Math.cos(angle);
            double cornerY = y + r * Math.sin(angle);
            pen = i == 0 ? pen.moveTo(cornerX, cornerY) : pen.lineTo(cornerX, cornerY);
        }
        return pen.region();
    }

    @Test
    void whatTwoShareAndWhatEachHasAloneIsAllOfThem() {
        Random random = new Random(2);
        for (int i = 0; i < TIMES; i++) {
            Region one = any(random);
            Region other = any(random);
            double shared = one.intersection(other).areaMm2();
            assertEquals(shared, other.intersection(one).areaMm2(), 1e-6, "whichever is asked");
            assertEquals(one.areaMm2(), shared + one.difference(other).areaMm2(), 0.02);
            assertEquals(
                    one.areaMm2() + other.areaMm2() - shared,
                    Region.union(List.of(one, other)).areaMm2(),
                    0.02);
        }
    }

    @Test
    void movingTurningAndMirroringKeepAreaEdgeAndWidth() {
        Random random = new Random(3);
        for (int i = 0; i < TIMES; i++) {
            Region one = any(random);
            double angle = random.nextDouble() * 360 - 180;
            for (Region same : List.of(
                    one.moved(random.nextDouble() * 50, -random.nextDouble() * 50),
                    one.turned(angle),
                    one.mirrored(),
                    one.flipped().flipped(),
                    one.turned(angle).turned(-angle))) {
                assertEquals(one.areaMm2(), same.areaMm2(), 1e-6 * one.areaMm2() + 1e-6);
                assertEquals(one.perimeterMm(), same.perimeterMm(), 1e-6 * one.perimeterMm() + 1e-6);
                assertEquals(one.inscribedRadiusMm(), same.inscribedRadiusMm(), 0.15);
            }
        }
    }

    /** Twice as long is four times as much. */
    @Test
    void scalingGoesWithTheSquare() {
        Random random = new Random(4);
        for (int i = 0; i < TIMES; i++) {
            Region one = any(random);
            double factor = 0.2 + random.nextDouble() * 4;
            Region scaled = one.scaled(factor);
            assertEquals(one.areaMm2() * factor * factor, scaled.areaMm2(), 1e-6 * scaled.areaMm2());
            assertEquals(one.perimeterMm() * factor, scaled.perimeterMm(), 1e-6 * scaled.perimeterMm());
        }
    }

    /** The further inside, the less; what is inset by all of its widest circle is nothing; two small steps are one large one. */
    @Test
    void insetsShrinkUntilNothingIsLeft() {
        Random random = new Random(5);
        for (int i = 0; i < TIMES / 3; i++) {
            Region one = any(random);
            double before = one.areaMm2();
            double radius = one.inscribedRadiusMm();
            for (double mm = 0.5; mm < radius + 1; mm += 0.5) {
                Region inner = one.inset(mm);
                assertTrue(inner.areaMm2() <= before + 1e-9, "at " + mm);
                assertTrue(inner.areaMm2() <= 1e-9 || mm <= radius + 0.15, "beyond its widest circle");
                assertEquals(inner.areaMm2(), inner.intersection(one).areaMm2(), 0.01, "inside");
                before = inner.areaMm2();
            }
            double step = radius / 4;
            assertEquals(
                    one.inset(2 * step).areaMm2(), one.inset(step).inset(step).areaMm2(), 0.01 * one.areaMm2());
        }
    }

    /** Among all shapes of an edge so long the disc holds most (Dido's problem). */
    @Test
    void nothingHoldsMoreThanADiscOfItsEdge() {
        Random random = new Random(6);
        for (int i = 0; i < TIMES; i++) {
            Region one = any(random);
            double edge = one.perimeterMm();
            assertTrue(one.areaMm2() <= edge * edge / (4 * Math.PI) + 1e-9);
            assertTrue(one.inscribedRadiusMm() <= Math.sqrt(one.areaMm2() / Math.PI) + 0.1);
            assertTrue(one.hull().areaMm2() >= one.areaMm2() - 1e-9);
            assertTrue(one.hull().perimeterMm() <= edge + 1e-9, "a rubber band is no longer");
        }
    }

    @Test
    void whatIsWrittenAsPathDataIsReadAsTheSame() {
        Random random = new Random(7);
        for (int i = 0; i < TIMES; i++) {
            Region one = any(random);
            Region again = Region.drawn(one.pathData());
            assertEquals(one.areaMm2(), again.areaMm2(), 0.01 * one.perimeterMm());
            assertTrue(one.difference(again).areaMm2() < 0.02 * one.perimeterMm());
        }
    }

    /** A point is inside or it is not: the share of points by chance that are is the share of the area. */
    @Test
    void pointsByChanceFindTheArea() {
        Random random = new Random(8);
        for (int i = 0; i < 5; i++) {
            Region one = any(random);
            Box box = one.box();
            int in = 0;
            int all = 20_000;
            for (int n = 0; n < all; n++) {
                if (one.covers(
                        box.x() + random.nextDouble() * box.widthMm(),
                        box.y() + random.nextDouble() * box.heightMm())) {
                    in++;
                }
            }
            double share = one.areaMm2() / (box.widthMm() * box.heightMm());
            assertEquals(share, (double) in / all, 4 * Math.sqrt(share * (1 - share) / all));
            Spot inside = one.inside();
            assertTrue(one.covers(inside.x(), inside.y()));
        }
    }

    /** Any number of discs: together never more than each for itself, and never less than the largest. */
    @Test
    void discsTogether() {
        Random random = new Random(9);
        for (int i = 0; i < TIMES / 3; i++) {
            List<Spot> middles = new ArrayList<>();
            IntStream.range(0, 1 + random.nextInt(9))
                    .forEach(n -> middles.add(new Spot(random.nextDouble() * 40, random.nextDouble() * 40)));
            double one = Region.discs(middles.subList(0, 1), 8).areaMm2();
            // Drawn with so many corners, they hold a little less than a circle.
            assertEquals(16 * Math.PI, one, 0.03 * 16 * Math.PI);
            double all = Region.discs(middles, 8).areaMm2();
            assertTrue(all <= one * middles.size() + 1e-6 && all >= one - 1e-6);
        }
    }
}
