package kindthimble.core.pour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Flavour;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.move.Dip;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Move;
import kindthimble.core.move.Outline;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

/** Orders made up at random: every gram that goes in comes out again, and all that is done is done with what is there. */
class PourBalanceTest {
    private static final ShopSettings SHOP = ShopSettings.house();

    private static Cookie cookie(double sizeMm, Double marginMm, Move... moves) {
        return new Measuring(Kitchens.of(SHOP, 15, Palette.UNKNOWN)).measure(Moves.round(sizeMm, marginMm, moves));
    }

    /** What goes in is on the cookies, spare, kept or surplus, for any order. */
    @Test
    void everyGramIsAccountedFor() {
        Random random = new Random(20261124);
        String[] colours = {"poppy", "navy", "white", "coal", "sky"};
        for (int order = 0; order < 300; order++) {
            List<CookieSet.Line> lines = new ArrayList<>();
            for (int d = 0; d < 1 + random.nextInt(6); d++) {
                List<Move> moves = new ArrayList<>();
                if (random.nextBoolean()) {
                    moves.add(new Outline(
                            pick(random, colours),
                            pick(random, "1", "2", "3"),
                            30.0 + random.nextInt(51),
                            null,
                            null,
                            null));
                }
                moves.add(new Flood(
                        pick(random, colours),
                        2.0 + random.nextInt(29),
                        0.5 + random.nextDouble(),
                        random.nextBoolean() ? "4" : null,
                        null,
                        null));
                if (random.nextBoolean()) {
                    moves.add(Moves.dots(pick(random, colours), 1 + random.nextInt(9), 1 + random.nextDouble() * 4));
                }
                if (random.nextBoolean()) {
                    moves.add(Moves.line(pick(random, colours)));
                }
                if (random.nextInt(4) == 0) {
                    moves.add(Moves.stencil(pick(random, colours), 1 + random.nextInt(90)));
                }
                if (random.nextInt(4) == 0) {
                    moves.add(Moves.transfer(pick(random, colours), SmallForm.STAR, 8, 1 + random.nextInt(3)));
                }
                if (random.nextInt(3) == 0) {
                    moves.removeIf(Flood.class::isInstance);
                    moves.add(new Dip(
                            pick(random, colours),
                            random.nextBoolean() ? pick(random, colours) : null,
                            null,
                            null,
                            null));
                }
                Collections.shuffle(moves, random);
                lines.add(new CookieSet.Line(
                        "d" + d,
                        cookie(30 + random.nextInt(90), null, moves.toArray(Move[]::new)),
                        random.nextInt(300)));
            }
            Allowance allowance = random.nextBoolean()
                    ? new Allowance.Risk(0.001 + random.nextDouble() * 0.4)
                    : new Allowance.Flat(random.nextInt(30));
            BaseRecipe recipe = HouseRecipes.ALL.get(random.nextInt(HouseRecipes.ALL.size()));
            List<Jar> jars = new ArrayList<>();
            for (int jar = random.nextInt(3); jar > 0; jar--) {
                jars.add(new Jar(
                        "j" + jar, pick(random, colours), 1 + random.nextDouble() * 400, 3 + random.nextInt(78)));
            }
            String from = pick(random, colours);
            String into = random.nextBoolean() ? pick(random, colours) : from;
            Demand demand = new Tally(recipe, random.nextInt(20), key -> key.equals(from) ? into : key)
                    .of(new CookieSet(lines));
            Map<String, Double> gelShares = new HashMap<>();
            Map<String, Pouring.LetDown> letDowns = new HashMap<>();
            Map<String, Flavour> flavours = new HashMap<>();
            for (String colour : colours) {
                if (random.nextBoolean()) {
                    gelShares.put(colour, random.nextDouble() * 0.03);
                }
                if (random.nextInt(4) == 0) {
                    flavours.put(colour, Flavour.OFFERED.get(random.nextInt(Flavour.OFFERED.size())));
                }
                if (random.nextInt(3) == 0) {
                    letDowns.put(colour, new Pouring.LetDown(pick(random, colours), 0.01 + random.nextDouble() * 0.9));
                }
            }
            Pour pour = new Pouring(
                            Kitchens.of(SHOP, recipe),
                            allowance,
                            new Pouring.Wishes(Set.of(pick(random, colours)), jars, gelShares, letDowns, flavours))
                    .of(demand);
            assertEquals(pour.balance().inGrams(), pour.balance().outGrams(), 0.01, "order " + order);
            // What one bowl gives, others get; and a bowl never holds more gel than was dropped into it or its mother.
            assertEquals(
                    pour.bowls().stream().mapToDouble(Pour.Bowl::givenGrams).sum(),
                    pour.bowls().stream()
                            .filter(b -> b.letDown() != null)
                            .mapToDouble(b -> b.letDown().motherBaseGrams())
                            .sum(),
                    1e-6);
            assertTrue(from.equals(into)
                    || pour.bowls().stream().noneMatch(b -> b.colour().equals(from)));
            double base =
                    pour.batches().stream().mapToDouble(Pour.Batch::madeGrams).sum()
                            - pour.batches().size() * SHOP.mean(Habit.MIXER_KEEPS_GRAMS);
            for (Pour.Bowl bowl : pour.bowls()) {
                List<Ladder.Rung> ladder = Ladder.of(bowl);
                double ofJars = 0;
                double sugarOfJars = 0;
                int added = 0;
                for (Ladder.Rung rung : ladder) {
                    double joining = 0;
                    for (Pour.FromJar jar : rung.jars()) {
                        ofJars += jar.waterGrams();
                        sugarOfJars += jar.sugarGrams();
                        joining += jar.sugarGrams() > 0 ? jar.grams() : 0;
                        added++;
                        assertTrue(jar.countSeconds() >= rung.countSeconds() - 1e-9, "a jar can't be thickened");
                    }
                    assertEquals(
                            bowl.portions().get(rung.portion()).finishedGrams(),
                            rung.takenGrams() + rung.sugarGrams() + joining,
                            0.01,
                            "what is taken out is what the bags hold");
                    assertTrue(rung.takenGrams()
                            <= rung.inBowlGrams()
                                    + rung.waterGrams()
                                    + bowl.fromJars().stream()
                                            .mapToDouble(Pour.FromJar::grams)
                                            .sum()
                                    + 1e-6);
                }
                assertEquals(bowl.fromJars().size(), added, "every jar is added once");
                assertEquals(
                        bowl.portions().stream()
                                .mapToDouble(Pour.Portion::waterGrams)
                                .sum(),
                        ladder.stream().mapToDouble(Ladder.Rung::waterGrams).sum() + ofJars,
                        0.01,
                        "a ladder takes no more water than its bags");
                assertEquals(
                        bowl.portions().stream()
                                .mapToDouble(Pour.Portion::sugarGrams)
                                .sum(),
                        ladder.stream().mapToDouble(Ladder.Rung::sugarGrams).sum() + sugarOfJars,
                        0.01);
                base -= bowl.mixedGrams();
                assertTrue(bowl.mixedGrams() >= -1e-9);
            }
            assertTrue(base >= -0.01, "no bowl takes what was not mixed");
            worksWithWhatIsThere(pour);
            // The same on cookies, counted from the designs alone.
            double onCookies = 0;
            for (CookieSet.Line line : lines) {
                onCookies += line.cookie().grams(recipe) * line.count();
            }
            assertTrue(pour.balance().cookiesGrams() >= onCookies - 0.01);
            pour.batches().forEach(batch -> assertTrue(batch.madeGrams() >= batch.wantedGrams() - 0.01));
        }
    }

    /** The list of work divides off what is mixed, stirs in what the balance says, and fills what the bags hold. */
    private static void worksWithWhatIsThere(Pour pour) {
        Map<MixingOrder.Doing, Double> grams = new EnumMap<>(MixingOrder.Doing.class);
        double water = 0;
        double sugar = 0;
        double fromMothers = 0;
        for (MixingOrder.Step step : MixingOrder.of(pour, Kitchen.house())) {
            grams.merge(step.doing(), step.grams(), Double::sum);
            water += step.waterGrams();
            sugar += step.sugarGrams();
        }
        for (Pour.Bowl bowl : pour.bowls()) {
            fromMothers += bowl.letDown() == null ? 0 : bowl.letDown().motherGrams();
        }
        double divided = 0;
        for (MixingOrder.Doing doing :
                List.of(MixingOrder.Doing.TINT, MixingOrder.Doing.DIVIDE, MixingOrder.Doing.LET_DOWN)) {
            divided += grams.getOrDefault(doing, 0.0);
        }
        assertEquals(
                pour.baseGrams(), divided - fromMothers, 0.06 * pour.bowls().size());
        assertEquals(pour.balance().jarsGrams(), grams.getOrDefault(MixingOrder.Doing.ADD_JAR, 0.0), 0.01);
        assertEquals(pour.balance().flavourGrams(), grams.getOrDefault(MixingOrder.Doing.FLAVOUR, 0.0), 0.01);
        assertEquals(pour.balance().waterGrams(), water, 0.01);
        assertEquals(pour.balance().sugarGrams(), sugar, 0.01);
        assertEquals(pour.balance().ingredientsGrams(), grams.getOrDefault(MixingOrder.Doing.MIX, 0.0), 0.01);
    }

    private static String pick(Random random, String... from) {
        return from[random.nextInt(from.length)];
    }
}
