package kindthimble.core.pour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.mark.Supply;
import kindthimble.core.move.Move;
import kindthimble.core.move.Transfer;
import kindthimble.core.placing.Place;
import kindthimble.core.placing.Where;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

/** Pieces made ahead: alike, they are one job with one lot of spares. No cookie breaks here, and 15 % of the pieces do, two at the least. */
class SparePiecesTest {
    private static final BaseRecipe BASE = HouseRecipes.MERINGUE_POWDER;

    private static Cookie with(Move piece) {
        return new Measuring(Kitchens.of(Palette.UNKNOWN)).measure(Moves.card(70, Moves.flood("white"), piece));
    }

    private static Transfer heart(double mm, int pieces) {
        return Moves.transfer("rose", SmallForm.HEART, mm, pieces);
    }

    private static Demand demand(int cookies, Move... pieces) {
        List<CookieSet.Line> lines = new ArrayList<>();
        for (Move piece : pieces) {
            lines.add(new CookieSet.Line("d" + lines.size(), with(piece), cookies));
        }
        return new Tally(BASE, 0).of(new CookieSet(lines));
    }

    private static List<Integer> spares(Demand demand) {
        return demand.colours().stream()
                .flatMap(colour -> colour.portions().stream())
                .flatMap(portion -> portion.drinks().stream())
                .filter(drink -> drink.piecesEach() > 0)
                .map(Demand.Drink::sparePieces)
                .toList();
    }

    private static int all(List<Integer> spares) {
        return spares.stream().mapToInt(one -> one).sum();
    }

    /** 8 designs with a heart on each of 6 cookies are 48 hearts: 8 spares, one for each design, and not two. */
    @Test
    void oneKindOnEightDesignsHasOneLotOfSpares() {
        Transfer[] eight = new Transfer[8];
        for (int i = 0; i < 8; i++) {
            eight[i] = Catalogue.with(heart(12, 1), "where", Where.at(new Place(i, -i, null)));
        }
        assertEquals(List.of(1, 1, 1, 1, 1, 1, 1, 1), spares(demand(6, eight)));
        assertEquals(List.of(2), spares(demand(6, eight[0])), "alone it has two");
    }

    /** Of another size, or with a colour of its own, they are made by themselves. */
    @Test
    void whatIsUnlikeIsAJobOfItsOwn() {
        assertEquals(List.of(2, 2), spares(demand(6, heart(12, 1), heart(14, 1))));
        assertEquals(List.of(2, 2), spares(demand(6, heart(12, 1), Moves.transfer("navy", SmallForm.HEART, 12, 1))));
        assertEquals(List.of(1, 1), spares(demand(6, heart(12, 1), heart(12, 1))));
    }

    /** Whatever takes them: whole pieces, as many together as one job has, and film and icing for each. */
    @Test
    void sharedTheyAreAsManyAsTogether() {
        for (int first = 1; first <= 5; first++) {
            for (int second = 1; second <= 5; second++) {
                List<Integer> shared = spares(demand(7, heart(9, first), heart(9, second)));
                int together = 7 * (first + second);
                assertEquals(Math.max(2, (int) Math.ceil(together * 0.15 - 1e-9)), all(shared));
                assertTrue(shared.stream().allMatch(one -> one >= 0));
            }
        }
        Demand both = demand(7, heart(9, 2), heart(9, 3));
        double film = both.supplies().stream()
                .filter(one -> one.sort() == Supply.Sort.FILM)
                .mapToDouble(Supply::amount)
                .sum();
        double one = demand(7, heart(9, 2)).supplies().stream()
                        .filter(supply -> supply.sort() == Supply.Sort.FILM)
                        .mapToDouble(Supply::amount)
                        .sum()
                / (14 + 3);
        assertEquals((35 + 6) * one, film, 1e-6);
    }
}
