package kindthimble.core.pour;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import kindthimble.core.icing.Consistency;
import kindthimble.core.icing.Flavour;
import kindthimble.core.icing.Ingredient;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Supply;

/**
 * All that is mixed for an order: base, bowls, bags, and what goes on the scale. All masses in grams.
 *
 * @param cookies how many are handed over
 * @param spares how many more are iced, against breakage
 * @param riskOfOrder chance that any colour runs short
 * @param bowls one a colour
 * @param batches mixer batches of base; all alike, or a whole piece (an egg) more in the first ones
 * @param batchCaution what to know of the batches, or empty
 * @param balance where every gram goes
 * @param supplies what the cookies take beside icing
 */
public record Pour(
        int cookies,
        int spares,
        double riskOfOrder,
        List<Bowl> bowls,
        List<Batch> batches,
        String batchCaution,
        Balance balance,
        List<Supply> supplies) {

    public Pour {
        supplies = supplies == null ? List.of() : List.copyOf(supplies);
        bowls = List.copyOf(bowls);
        batches = List.copyOf(batches);
    }

    /** The same with other keys for its colours: given one, what stands in its place. */
    public Pour renamed(UnaryOperator<String> keys) {
        return new Pour(
                cookies,
                spares,
                riskOfOrder,
                bowls.stream().map(bowl -> bowl.renamed(keys)).toList(),
                batches,
                batchCaution,
                balance,
                supplies.stream()
                        .map(one -> new Supply(
                                one.sort(), one.colour() == null ? null : keys.apply(one.colour()), one.amount()))
                        .toList());
    }

    /** The flavours of the bowls that have one, by the keys of their colours. */
    public Map<String, Flavour> flavours() {
        return bowls.stream()
                .filter(bowl -> bowl.flavour() != null)
                .collect(Collectors.toMap(Bowl::colour, Bowl::flavour));
    }

    /** Base to make for all bowls. */
    public double baseGrams() {
        return bowls.stream().mapToDouble(Bowl::mixedGrams).sum();
    }

    /** How many bags are filled. */
    public int bags() {
        return bowls.stream()
                .flatMap(bowl -> bowl.portions().stream())
                .filter(portion -> portion.vessel() == Icing.Vessel.BAG)
                .mapToInt(Portion::bags)
                .sum();
    }

    /**
     * One colour.
     *
     * @param colour its key
     * @param baseGrams base in the bowl when it is thinned and bagged
     * @param mixedGrams white base divided off for it: all but what jars and a darker bowl bring, and what it gives to lighter bowls
     * @param givenGrams base that goes on, tinted, into bowls let down from it
     * @param letDown how it comes out of a darker bowl; null where it is tinted on its own
     * @param gelShare grams of gel in its icing to a gram of base
     * @param gelGrams of gel that goes into it here; 0 where a darker bowl brings it
     * @param flavour stirred into it; null for none
     * @param flavourGrams of that
     * @param untinted whether no gel goes into it
     * @param cookiesGrams finished icing that the cookies take
     * @param sigmaGrams standard deviation of that
     * @param spareGrams finished icing beyond it
     * @param risk chance that this colour runs short
     * @param keptGrams what stays in the bowl
     * @param fromJars left-over icing that goes in
     * @param portions by consistency, stiffest first
     */
    public record Bowl(
            String colour,
            double baseGrams,
            double mixedGrams,
            double givenGrams,
            LetDown letDown,
            double gelShare,
            double gelGrams,
            Flavour flavour,
            double flavourGrams,
            boolean untinted,
            double cookiesGrams,
            double sigmaGrams,
            double spareGrams,
            double risk,
            double keptGrams,
            List<FromJar> fromJars,
            List<Portion> portions) {
        /** What is weighed into the bowl beside jars: white base; for one that is let down, what comes tinted out of its mother, and white. */
        public double dividedGrams() {
            return letDown == null ? mixedGrams : letDown.motherGrams() + letDown.whiteGrams();
        }

        Bowl renamed(UnaryOperator<String> keys) {
            LetDown down = letDown == null
                    ? null
                    : new LetDown(
                            keys.apply(letDown.mother()),
                            letDown.motherGrams(),
                            letDown.motherBaseGrams(),
                            letDown.whiteGrams());
            return new Bowl(
                    keys.apply(colour),
                    baseGrams,
                    mixedGrams,
                    givenGrams,
                    down,
                    gelShare,
                    gelGrams,
                    flavour,
                    flavourGrams,
                    untinted,
                    cookiesGrams,
                    sigmaGrams,
                    spareGrams,
                    risk,
                    keptGrams,
                    fromJars,
                    portions);
        }

        /** What is stirred into a gram of base beside water and sugar. */
        double besideShare() {
            return gelShare + Flavour.shareOf(flavour);
        }

        public Bowl {
            fromJars = List.copyOf(fromJars);
            portions = List.copyOf(portions);
        }
    }

    /**
     * A light shade by weight from a darker bowl and white.
     *
     * @param mother key of the darker bowl
     * @param motherGrams out of that, its gel with it
     * @param motherBaseGrams the base in that
     * @param whiteGrams of untinted base
     */
    public record LetDown(String mother, double motherGrams, double motherBaseGrams, double whiteGrams) {}

    /**
     * Left-over icing that goes into a bowl.
     *
     * @param jar which
     * @param countSeconds how stiff it is
     * @param grams of finished icing taken from it
     * @param baseGrams the base in that
     * @param waterGrams the water in that, beyond its base
     * @param sugarGrams the sugar in that, beyond its base
     * @param gelGrams the gel in that
     * @param flavourGrams the flavour in that
     */
    public record FromJar(
            String jar,
            double countSeconds,
            double grams,
            double baseGrams,
            double waterGrams,
            double sugarGrams,
            double gelGrams,
            double flavourGrams) {}

    /**
     * What is thinned and bagged alike.
     *
     * @param countSeconds its count
     * @param state its consistency in words
     * @param vessel what it is put on the cookies out of
     * @param cookiesGrams finished icing that the cookies take
     * @param spareGrams its share of the bowl's spare
     * @param keptGrams what stays in its bags or its bowl, or on the scraper
     * @param baseGrams base taken from the bowl
     * @param waterGrams water stirred in
     * @param sugarGrams icing sugar sifted in instead, where it is stiffer than the base
     * @param gelGrams of gel in it
     * @param flavourGrams of flavour in it
     * @param bags how many bags, or loads of the scraper; 1 for a bowl
     * @param gramsPerBag finished icing in each
     * @param largeBags whether the large bags make fewer of them
     * @param coupler whether a coupler lets one bag serve all its tips
     * @param cutMm how wide a tipless bag is cut; 0 for all else
     * @param tips names of the tips used, in order of work; empty for tipless bags
     * @param drinks where it goes
     * @param dipBowls how many dip bowls it stands in; a share of one where two colours are run into each other
     */
    public record Portion(
            double countSeconds,
            Consistency.State state,
            Icing.Vessel vessel,
            double cookiesGrams,
            double spareGrams,
            double keptGrams,
            double baseGrams,
            double waterGrams,
            double sugarGrams,
            double gelGrams,
            double flavourGrams,
            int bags,
            double gramsPerBag,
            boolean largeBags,
            boolean coupler,
            double cutMm,
            List<String> tips,
            List<Demand.Drink> drinks,
            double dipBowls) {
        public Portion {
            tips = List.copyOf(tips);
            drinks = List.copyOf(drinks);
        }

        public double finishedGrams() {
            return baseGrams + waterGrams + sugarGrams + gelGrams + flavourGrams;
        }

        /** Its bags, by the tips that go on them. */
        public List<BagFill> fillings() {
            return BagFill.of(this);
        }
    }

    /**
     * One making of base in the mixer.
     *
     * @param wantedGrams what is needed of it, the mixer's rest with it
     * @param weighed what to weigh, rounded up to what the scale can read
     */
    public record Batch(double wantedGrams, List<Weighed> weighed) {
        public Batch {
            weighed = List.copyOf(weighed);
        }

        public double madeGrams() {
            return weighed.stream().mapToDouble(Weighed::grams).sum();
        }
    }

    /**
     * @param ingredient its name
     * @param role what it is to the icing
     * @param grams as the scale shows it
     * @param pieces how many whole ones; 0 for what is weighed freely
     * @param cups the same in US cups; 0 where nobody measures it so
     */
    public record Weighed(String ingredient, Ingredient.Part role, double grams, int pieces, double cups) {}

    /**
     * What goes in, and where it is afterwards; the two sides are summed from different figures and must agree.
     *
     * @param ingredientsGrams weighed into the mixer
     * @param waterGrams stirred in at thinning, less what jars bring
     * @param sugarGrams sifted in to thicken
     * @param gelGrams dropped in
     * @param flavourGrams stirred in
     * @param jarsGrams finished icing from jars
     * @param leftBaseGrams base that was left over of what was mixed before
     * @param cookiesGrams on the cookies, breakage spares with them
     * @param spareGrams against running short
     * @param bagsGrams kept by bags, dip bowls and scrapers
     * @param bowlsGrams kept by bowls
     * @param mixerGrams kept by the mixer
     * @param surplusGrams left of rounding up, and of filling the mixer to its least
     */
    public record Balance(
            double ingredientsGrams,
            double waterGrams,
            double sugarGrams,
            double gelGrams,
            double flavourGrams,
            double jarsGrams,
            double leftBaseGrams,
            double cookiesGrams,
            double spareGrams,
            double bagsGrams,
            double bowlsGrams,
            double mixerGrams,
            double surplusGrams) {

        public double inGrams() {
            return ingredientsGrams + waterGrams + sugarGrams + gelGrams + flavourGrams + jarsGrams + leftBaseGrams;
        }

        /** What bags, bowls and mixer keep. */
        public double keptGrams() {
            return bagsGrams + bowlsGrams + mixerGrams;
        }

        public double outGrams() {
            return cookiesGrams + spareGrams + bagsGrams + bowlsGrams + mixerGrams + surplusGrams;
        }
    }
}
