package kindthimble.app.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import kindthimble.app.clock.WorkOnClock;
import kindthimble.app.tint.TintView;
import kindthimble.core.bench.Against;
import kindthimble.core.bench.BagUse;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Icing;
import kindthimble.core.pour.BagFill;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.work.Task;

/**
 * An order at the bench: what is to be done, in order, with all that the hands need for it; and what was pressed. A page that holds it goes on without
 * the network.
 *
 * @param revision of the order
 * @param now what time it is; in play the clock of that
 * @param seed of the day that is played in the practice kitchen; null where the order is not played
 * @param hasScale whether a scale answers
 * @param steps those that the clock has first before those that come later
 * @param pressed all events of the steps, and of those of other orders that drink from the same bags, as they arrived
 * @param seen number of the newest of them
 * @param bags of the mixing, each with all that drinks from it
 * @param base of it
 * @param cookieVariation from cookie to cookie, a coefficient
 * @param handVariation of the hand, as far as it is known: how unsure its mean is, and how it varies from order to order; a coefficient
 * @param fullness how many times as full as the house's the order's coats are planned
 * @param recipe key of the base
 * @param keepsDays how long its icing keeps
 * @param others what is next of each other order that is ahead
 * @param leftOut what could not be put on the clock, with why
 */
public record BenchView(
        long revision,
        Instant now,
        @Nullable Long seed,
        boolean hasScale,
        List<Step> steps,
        List<BenchEvent> pressed,
        long seen,
        List<Bag> bags,
        Base base,
        double cookieVariation,
        double handVariation,
        double fullness,
        String recipe,
        double keepsDays,
        List<Other> others,
        List<String> leftOut) {

    /**
     * What was pressed since a page has looked.
     *
     * @param now what time it is; in play the clock of that
     * @param seed of the day that is played; null where the order is not played
     * @param seen number of the newest event
     * @param pressed what is new, and perhaps some that is not
     * @param movedSeconds how far the times of what was sent were moved, where the device's clock is wrong; less than 0 for back, 0 for not at all
     */
    @Schema(name = "BenchPressed")
    public record Since(Instant now, @Nullable Long seed, long seen, List<BenchEvent> pressed, long movedSeconds) {}

    /**
     * @param order its number
     * @param orderName of it
     * @param doing what is done next
     * @param name of the design or the colour; that of the order where it is neither
     * @param pass of the design; 0 for none
     * @param tray or load; 0 for none
     * @param cookies how many
     * @param addition of dough, base and bowls: 0 for the plan, from 1 on which addition; 0 for all else
     * @param from when the clock has it
     */
    @Schema(name = "BenchOther")
    public record Other(
            long order,
            String orderName,
            Task.Work doing,
            String name,
            int pass,
            int tray,
            int cookies,
            int addition,
            LocalDateTime from) {
        static Other of(WorkOnClock.Next next) {
            Task task = next.piece().task();
            String orderName = next.order().details().name();
            String design = next.order().designs().stream()
                    .filter(one -> one.id() == task.design())
                    .map(one -> one.document().name())
                    .findFirst()
                    .orElse(orderName);
            return new Other(
                    next.order().id(),
                    orderName,
                    task.doing(),
                    next.bowl() == null ? design : next.bowl(),
                    task.pass(),
                    task.tray(),
                    task.cookies(),
                    task.addition(),
                    next.piece().from());
        }
    }

    /**
     * @param key by which events speak of it
     * @param task key of the task that it is, or is a part of
     * @param order whose number it is pressed under
     * @param doing what is done
     * @param name of the design, the colour or the order
     * @param design its number; 0 for none
     * @param pass of the design; 0 for none
     * @param tray or load, from 1; 0 for none
     * @param cookies how many
     * @param addition of dough, base and bowls: 0 for the plan, from 1 on which addition; 0 for all else
     * @param colour key of the colour that most of it has; null for none
     * @param hex of that; null for none
     * @param from when the clock has it; null where it is done, or finds no time
     * @param by whose hands; empty for the decorator's own
     * @param seconds of hands, all of it
     * @param ovenSeconds after that; 0 for none
     * @param eachSeconds of a cookie; 0 where it is no icing
     * @param icedGrams that a cookie takes by the plan; 0 where it is no icing
     * @param coatGrams of those that are coats
     * @param wetSeconds how long a coat stays wet enough for what sinks in; 0 where nothing does
     * @param weighed what goes into the mixer, in order
     * @param packaging what it takes of bags, boxes and tags, in pieces
     * @param mixed how icing is tinted, thinned and bagged; null where it is nothing of that
     * @param bags what it is iced out of
     * @param waits what has to be done before, and how long ago
     * @param against what plan it is pressed against; a page sends it with what it measures
     */
    @Schema(name = "BenchStep")
    public record Step(
            String key,
            String task,
            long order,
            Task.Work doing,
            String name,
            long design,
            int pass,
            int tray,
            int cookies,
            int addition,
            @Nullable String colour,
            @Nullable String hex,
            @Nullable LocalDateTime from,
            String by,
            int seconds,
            int ovenSeconds,
            double eachSeconds,
            double icedGrams,
            double coatGrams,
            double wetSeconds,
            List<Line> weighed,
            List<Pieces> packaging,
            @Nullable Mixed mixed,
            List<InBag> bags,
            List<Wait> waits,
            Against against) {}

    /**
     * @param name of an ingredient
     * @param grams of it
     * @param counted whether the shelf counts it: water comes out of the tap
     */
    @Schema(name = "BenchLine")
    public record Line(String name, double grams, boolean counted) {}

    /**
     * @param name on the shelf
     * @param pieces of it
     */
    @Schema(name = "BenchPieces")
    public record Pieces(String name, int pieces) {}

    /**
     * @param doing what is done
     * @param grams mixed, divided off, added or taken out
     * @param waterGrams stirred in
     * @param sugarGrams sifted in
     * @param sugar its name on the shelf; empty where none is
     * @param baseGrams of base in the bowl meanwhile
     * @param countSeconds that a line should take then; 0 where it is not thinned
     * @param state the same in words; null as well
     * @param tint what goes in; null where nothing does
     * @param wanted how the colour should look, {@code #RRGGBB}; null where it is not tinted
     * @param looks how it looks with more or less gel; empty where it is not tinted
     * @param nearest name of the order's colour that is most like it; null where there is none
     * @param mother name of the bowl that it comes out of; null where it comes out of none
     * @param motherGrams out of that
     * @param whiteGrams of white with it
     * @param bags how many
     * @param gramsPerBag in each, all alike
     * @param fillings the same by the tips that go on them
     * @param cutMm how wide a tipless bag is cut; 0 for all else
     * @param tips names of the tips
     */
    @Schema(name = "BenchMixed")
    public record Mixed(
            MixingOrder.Doing doing,
            double grams,
            double waterGrams,
            double sugarGrams,
            String sugar,
            double baseGrams,
            double countSeconds,
            @Nullable Consistency.State state,
            @Nullable TintView.RecipeView tint,
            @Nullable String wanted,
            List<TintView.Look> looks,
            @Nullable String nearest,
            @Nullable String mother,
            double motherGrams,
            double whiteGrams,
            int bags,
            double gramsPerBag,
            List<BagFill> fillings,
            double cutMm,
            List<String> tips) {}

    /**
     * What a cookie takes out of one bag.
     *
     * @param key of the bag; empty where the mixing has none for it
     * @param colour key of its bowl, as the leading order knows it
     * @param name of that
     * @param hex of it
     * @param tip by name; empty for a tipless bag
     * @param bags how many of them are filled
     * @param fullGrams in a full one; 0 where that is not known
     * @param eachGrams that a cookie takes by the plan
     * @param keepsGrams that never come out
     * @param countSeconds of its icing
     */
    @Schema(name = "BenchInBag")
    public record InBag(
            String key,
            String colour,
            String name,
            String hex,
            String tip,
            int bags,
            double fullGrams,
            double eachGrams,
            double keepsGrams,
            double countSeconds) {}

    /**
     * Bags that are filled alike: one bowl, one count, one vessel, and its tips.
     *
     * @param key by which events speak of them
     * @param name of the bowl
     * @param hex of it
     * @param tips names of the tips; empty for what has none
     * @param vessel what it is
     * @param countSeconds of its icing
     * @param state the same in words
     * @param bags how many
     * @param filledGrams in all of them by the plan
     * @param keepsGrams that never come out of each
     * @param fills how they are filled, by the plan and by what is mixed more
     * @param drinks all that is iced out of them, of every order of the mixing
     * @param making how its icing is made afresh; null where there is nothing to make it of
     */
    @Schema(name = "BenchBag")
    public record Bag(
            String key,
            String name,
            String hex,
            List<String> tips,
            Icing.Vessel vessel,
            double countSeconds,
            Consistency.State state,
            int bags,
            double filledGrams,
            double keepsGrams,
            List<BagUse.Fill> fills,
            List<BagUse.Iced> drinks,
            @Nullable Making making) {
        /** The same as the rules of the bench have it. */
        public BagUse use() {
            return new BagUse(key, fills, keepsGrams, drinks);
        }
    }

    /**
     * What goes into one gram of icing that is made afresh.
     *
     * @param base grams of base
     * @param water grams stirred in
     * @param sugar grams sifted in
     * @param gel grams of gel
     * @param sugarName what is sifted in, as the shelf has it
     * @param keepsGrams that stay in its bowl
     * @param weighed what goes into one gram of base
     * @param doses what is dropped into one gram of base
     * @param mother name of the bowl that its own was let down from; null where it was tinted itself
     * @param flavour grams of flavour
     * @param flavourName what that is; empty for none
     */
    @Schema(name = "BenchMaking")
    public record Making(
            double base,
            double water,
            double sugar,
            double gel,
            String sugarName,
            double keepsGrams,
            List<Line> weighed,
            List<Gelled> doses,
            @Nullable String mother,
            double flavour,
            String flavourName) {}

    /**
     * @param gel its key
     * @param name as on its label
     * @param grams of it
     */
    @Schema(name = "BenchGelled")
    public record Gelled(String gel, String name, double grams) {}

    /**
     * @param countSeconds as it comes out of the mixer
     * @param perGram how it gets thinner: b of {@code ln t = ln t0 - b w}
     * @param sugarPer100 grams of sugar in 100 g of it
     * @param waterPer100 grams of water in 100 g of it
     */
    @Schema(name = "BenchBase")
    public record Base(double countSeconds, double perGram, double sugarPer100, double waterPer100) {
        static Base of(BaseRecipe recipe) {
            return new Base(
                    recipe.curve().ownCountSeconds(),
                    recipe.curve().perGram(),
                    recipe.sugarPer100(),
                    recipe.waterPer100());
        }
    }

    /**
     * @param task key of the other one
     * @param seconds at least, from when that is done
     * @param why it waits
     */
    @Schema(name = "BenchWait")
    public record Wait(String task, int seconds, Task.Why why) {}
}
