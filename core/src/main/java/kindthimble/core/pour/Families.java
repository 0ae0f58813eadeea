package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import kindthimble.core.icing.Flavour;

/**
 * Shades of one hue that share a mother bowl: of a light bowl's base, what jars do not bring comes tinted out of the darker bowl, which
 * is mixed larger by that, and the rest is white. A let-down of a colour that no cookie takes, or that is let down itself, does not
 * hold, nor does one into or out of a flavoured bowl: that light colour is tinted on its own.
 */
final class Families {
    private final Map<String, Pouring.LetDown> letDowns = new HashMap<>();
    private final Map<String, Double> gelShares;

    Families(Demand demand, Pouring.Wishes wishes) {
        Set<String> wanted =
                demand.colours().stream().map(Demand.OfColour::colour).collect(Collectors.toSet());
        wishes.letDowns().forEach((light, letDown) -> {
            String mother = letDown.mother();
            if (wanted.contains(mother)
                    && !wishes.flavours().containsKey(mother)
                    && !wishes.flavours().containsKey(light)
                    && !mother.equals(light)
                    && !wishes.letDowns().containsKey(mother)) {
                letDowns.put(light, letDown);
            }
        });
        gelShares = wishes.gelShares();
    }

    /** Grams of gel to a gram of base in a colour's icing. */
    double gelShare(String colour) {
        Pouring.LetDown letDown = letDowns.get(colour);
        return letDown == null
                ? gelShares.getOrDefault(colour, 0.0)
                : letDown.share() * gelShares.getOrDefault(letDown.mother(), 0.0);
    }

    /** The bowls with what goes from one to the other. */
    List<Pour.Bowl> shared(List<Pour.Bowl> bowls) {
        Map<String, Double> given = new HashMap<>();
        List<Pour.Bowl> lights = new ArrayList<>();
        for (Pour.Bowl bowl : bowls) {
            Pouring.LetDown letDown = letDowns.get(bowl.colour());
            if (letDown == null) {
                lights.add(bowl);
                continue;
            }
            double fromMother = bowl.mixedGrams() * letDown.share();
            double white = bowl.mixedGrams() - fromMother;
            given.merge(letDown.mother(), fromMother, Double::sum);
            double withGel = fromMother * (1 + gelShares.getOrDefault(letDown.mother(), 0.0));
            lights.add(with(bowl, white, 0, new Pour.LetDown(letDown.mother(), withGel, fromMother, white)));
        }
        return lights.stream()
                .map(bowl -> given.containsKey(bowl.colour()) ? giving(bowl, given.get(bowl.colour())) : bowl)
                .toList();
    }

    private static Pour.Bowl giving(Pour.Bowl bowl, double given) {
        return with(bowl, bowl.mixedGrams() + given, given, null);
    }

    private static Pour.Bowl with(Pour.Bowl bowl, double mixed, double given, Pour.LetDown letDown) {
        return new Pour.Bowl(
                bowl.colour(),
                bowl.baseGrams(),
                mixed,
                given,
                letDown,
                bowl.gelShare(),
                letDown == null ? bowl.gelShare() * mixed : 0,
                bowl.flavour(),
                Flavour.shareOf(bowl.flavour()) * mixed,
                bowl.untinted() && letDown == null,
                bowl.cookiesGrams(),
                bowl.sigmaGrams(),
                bowl.spareGrams(),
                bowl.risk(),
                bowl.keptGrams(),
                bowl.fromJars(),
                bowl.portions());
    }
}
