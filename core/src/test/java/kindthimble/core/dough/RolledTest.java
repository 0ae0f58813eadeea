package kindthimble.core.dough;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.cutter.FigureForm;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import org.junit.jupiter.api.Test;

class RolledTest {
    private static final List<CutterShape> FORMS =
            List.of(new BasicForm.Round(), new BasicForm.Square(), new FigureForm.Heart(), new FigureForm.Cloud());

    private static Region cutter(CutterShape form, double mm) {
        return new Cutter(form, Across.WIDTH, mm).baked(0);
    }

    private static Region at(Rolled.RolledPiece piece, Region cutter) {
        Region turned = piece.turned() ? cutter.turned(180) : cutter;
        Box box = turned.box();
        return turned.moved(piece.xMm() - box.x() - box.widthMm() / 2, piece.yMm() - box.y() - box.heightMm() / 2);
    }

    /** No two pieces on a sheet lie on each other, all lie on it, none is lost, and the share is that of their areas. */
    @Test
    void layoutsCanBeCut() {
        Random random = new Random(4);
        for (int round = 0; round < 12; round++) {
            List<Dough.Cut> cuts = new ArrayList<>();
            Map<Long, Region> cutters = new HashMap<>();
            for (long design = 1; design <= 3; design++) {
                Region cutter = cutter(FORMS.get(random.nextInt(FORMS.size())), 40 + random.nextInt(70));
                cutters.put(design, cutter);
                cuts.add(new Dough.Cut(design, random.nextInt(20), 1, cutter));
            }
            Dough dough = Dough.of(cuts, 6, DoughRecipe.HOUSE.get(0), Habits.HOUSE);
            Rolled rolled = Rolled.of(cuts, dough.grams(), 6, Habits.HOUSE);
            int laid = 0;
            for (Rolled.Sheet sheet : rolled.sheets()) {
                laid += sheet.pieces().size();
                List<Region> pieces = sheet.pieces().stream()
                        .map(piece -> at(piece, cutters.get(piece.design())))
                        .toList();
                double area = 0;
                for (int i = 0; i < pieces.size(); i++) {
                    Box box = pieces.get(i).box();
                    assertTrue(box.x() >= -0.01 && box.x() + box.widthMm() <= sheet.widthMm() + 0.01);
                    assertTrue(box.y() >= -0.01 && box.y() + box.heightMm() <= sheet.lengthMm() + 0.01);
                    area += pieces.get(i).areaMm2();
                    for (int j = 0; j < i; j++) {
                        assertTrue(pieces.get(i).intersection(pieces.get(j)).areaMm2() < 1e-6);
                    }
                }
                assertEquals(area / (sheet.widthMm() * sheet.lengthMm()), sheet.share(), 1e-9);
            }
            assertEquals(cuts.stream().mapToInt(Dough.Cut::pieces).sum(), laid + rolled.left());
        }
    }

    /** Squares of 57 mm with 3 mm between them: five by six on 300 by 360. */
    @Test
    void squaresLieInRows() {
        Habits habits = Habits.HOUSE.with(Habit.ROLLED_LENGTH_MM, 360);
        List<Dough.Cut> cuts = List.of(new Dough.Cut(1, 40, 0, cutter(new BasicForm.Square(), 56)));
        Rolled rolled = Rolled.of(cuts, 5000, 6, habits);
        assertEquals(30, rolled.sheets().get(0).pieces().size());
        assertEquals(10, rolled.sheets().get(1).pieces().size());
        assertEquals(0, rolled.left());
    }

    /** Where the dough is used up, the rest is cut from what is rolled again. */
    @Test
    void theSheetsAreTheDoughThatThereIs() {
        List<Dough.Cut> cuts = List.of(new Dough.Cut(1, 72, 0, cutter(new BasicForm.Round(), 80)));
        Dough dough = Dough.of(cuts, 6, DoughRecipe.HOUSE.get(0), Habits.HOUSE);
        Rolled rolled = Rolled.of(cuts, dough.grams(), 6, Habits.HOUSE);
        double area = rolled.sheets().stream()
                .mapToDouble(sheet -> sheet.widthMm() * sheet.lengthMm())
                .sum();
        assertTrue(area <= dough.grams() / (6 * 1.2 / 1000) + 1e-6);
        assertTrue(rolled.left() > 0 && rolled.left() < 40, "left " + rolled.left());
        assertTrue(rolled.share() > 0.5 && rolled.share() < 0.75, "share " + rolled.share());
    }
}
