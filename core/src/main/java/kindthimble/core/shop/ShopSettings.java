package kindthimble.core.shop;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.icing.KitchenWords;

/**
 * What a shop can set for itself. {@link HouseDefaults} says what each starts as.
 *
 * @param spreadPercent how much longer every length of a cookie gets in the oven
 * @param marginMm how far inside the cookie's edge the icing stays
 * @param floodCountSeconds the shop's flood
 * @param breakagePercent cookies iced beyond the order, in percent (and at least one a design, unless 0)
 * @param bagFillGrams most icing in one bag, what it keeps included
 * @param largeBagFillGrams the same of the large bags; 0 when the shop has none
 * @param couplers how many couplers the shop owns
 * @param bottles how many squeeze bottles of 60 ml it floods out of, in the place of tipless bags
 * @param tippedBagKeepsGrams what stays in a bag with a tip
 * @param tiplessBagKeepsGrams what stays in a tipless bag
 * @param bowlKeepsGrams what stays in a bowl
 * @param dipBowlKeepsGrams what a bowl for dipping must hold beyond what the cookies take
 * @param scraperKeepsGrams what stays on a stencil's scraper, each load
 * @param mixerKeepsGrams what stays on mixer bowl and paddle, each batch
 * @param mixerLeastGrams smallest batch the mixer beats well
 * @param mixerMostGrams largest batch that fits
 * @param cookieVariationPercent coefficient of variation from cookie to cookie
 * @param dayVariationPercent coefficient of variation of the hand from day to day
 * @param detail when raised detail goes on
 * @param filling how outlines and floods are carried out
 * @param leafGrams one piped leaf; pipe ten and weigh them
 * @param rosetteGrams one piped rosette
 * @param starGrams one piped star
 * @param flowerGrams one piped five-petal flower
 * @param petalGrams one piped petal
 * @param ruffleGramsPerCm a centimetre of ruffle
 * @param brushedGramsPerCm a centimetre of brush embroidery
 * @param recipe key of the base that orders take unless they say otherwise
 * @param cookiesPerBox cookies packed together; 0 for no boxes
 * @param measures whether spoons and cups stand beside the grams
 * @param words what the shop calls the named consistencies
 * @param tips the shop's round tips
 */
public record ShopSettings(
        @Amount(word = "bake-spread", unit = Unit.PERCENT, least = -10, most = 25)
        double spreadPercent,

        @Amount(word = "edge margin", unit = Unit.MM, least = 0, most = 20)
        double marginMm,

        @Amount(word = "flood count", unit = Unit.SECONDS, least = 2, most = 30)
        double floodCountSeconds,

        @Amount(word = "breakage spares", unit = Unit.PERCENT, least = 0, most = 100)
        double breakagePercent,

        @Amount(word = "most in one bag", unit = Unit.GRAMS, least = 20, most = 1000)
        double bagFillGrams,

        @Amount(word = "most in a large bag", unit = Unit.GRAMS, least = 0, most = 2000)
        double largeBagFillGrams,

        @Amount(word = "couplers", unit = Unit.PIECES, least = 0, most = 100)
        int couplers,

        @Amount(word = "bottles for flooding", unit = Unit.PIECES, least = 0, most = 100)
        int bottles,

        @Amount(word = "a bag with a tip keeps", unit = Unit.GRAMS, least = 0, most = 19)
        double tippedBagKeepsGrams,

        @Amount(word = "a tipless bag keeps", unit = Unit.GRAMS, least = 0, most = 19)
        double tiplessBagKeepsGrams,

        @Amount(word = "a bowl keeps", unit = Unit.GRAMS, least = 0, most = 100)
        double bowlKeepsGrams,

        @Amount(word = "a dip bowl keeps", unit = Unit.GRAMS, least = 0, most = 1000)
        double dipBowlKeepsGrams,

        @Amount(word = "a stencil's scraper keeps", unit = Unit.GRAMS, least = 0, most = 50)
        double scraperKeepsGrams,

        @Amount(word = "bowl and paddle keep", unit = Unit.GRAMS, least = 0, most = 200)
        double mixerKeepsGrams,

        @Amount(word = "least in the mixer", unit = Unit.GRAMS, least = 0, most = 20000)
        double mixerLeastGrams,

        @Amount(word = "most in the mixer", unit = Unit.GRAMS, least = 250, most = 50000)
        double mixerMostGrams,

        @Amount(word = "cookie to cookie varies by", unit = Unit.PERCENT, least = 0, most = 100)
        double cookieVariationPercent,

        @Amount(word = "the hand on the day varies by", unit = Unit.PERCENT, least = 0, most = 100)
        double dayVariationPercent,

        @Choice(word = "raised detail goes on", from = Choice.From.WORDS)
        DetailSchool detail,

        @Choice(word = "cookies are filled", from = Choice.From.WORDS)
        Filling filling,

        @Amount(word = "a leaf weighs", unit = Unit.GRAMS, least = 0.01, most = 50)
        double leafGrams,

        @Amount(word = "a rosette weighs", unit = Unit.GRAMS, least = 0.01, most = 50)
        double rosetteGrams,

        @Amount(word = "a star weighs", unit = Unit.GRAMS, least = 0.01, most = 50)
        double starGrams,

        @Amount(word = "a flower weighs", unit = Unit.GRAMS, least = 0.01, most = 50)
        double flowerGrams,

        @Amount(word = "a petal weighs", unit = Unit.GRAMS, least = 0.01, most = 50)
        double petalGrams,

        @Amount(word = "a cm of ruffle weighs", unit = Unit.GRAMS, least = 0.01, most = 50)
        double ruffleGramsPerCm,

        @Amount(word = "a cm of brush embroidery weighs", unit = Unit.GRAMS, least = 0.01, most = 50)
        double brushedGramsPerCm,

        String recipe,

        @Amount(word = "cookies in a box", unit = Unit.PIECES, least = 0, most = 200)
        int cookiesPerBox,

        @Choice(word = "measures", from = Choice.From.WORDS) Measures measures,

        KitchenWords words,

        List<Tip> tips) {

    private static final int LONGEST_TIP_NAME = 20;

    public ShopSettings {
        words = words == null ? KitchenWords.HOUSE : words;
        tips = tips == null ? List.of() : List.copyOf(tips);
    }

    /**
     * @throws Refused when a number is out of its range
     */
    public void check() {
        Catalogue.check(this);
        words.check();
        if (mixerLeastGrams > mixerMostGrams) {
            throw new Refused("mixerLeastGrams", "The mixer's least can't be more than its most.");
        }
        Set<String> names = new HashSet<>();
        for (int i = 0; i < tips.size(); i++) {
            String name = tips.get(i).name();
            if (name == null || name.isBlank() || name.length() > LONGEST_TIP_NAME || !names.add(name)) {
                throw new Refused("tips[" + i + "].name", "Give each tip a short name of its own.");
            }
            try {
                Catalogue.check(tips.get(i));
            } catch (Refused refused) {
                throw refused.inside("tips[" + i + "]");
            }
        }
    }

    /**
     * The shop's tip of a name; one of the house's where the shop has put that away, since designs may still take it.
     *
     * @param name of a tip
     * @throws Refused when neither has such a tip
     */
    public Tip tip(String name) {
        return Stream.concat(tips.stream(), HouseDefaults.TIPS.stream())
                .filter(tip -> tip.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "tip",
                        "The shop has no tip %s. It has %s."
                                .formatted(
                                        name,
                                        String.join(
                                                ", ",
                                                tips.stream().map(Tip::name).toList()))));
    }
}
