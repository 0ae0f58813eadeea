package kindthimble.core.bench;

/**
 * What plan something was pressed against: so much of it as the notebook needs to say what was measured of what. Nothing of it is read from a later plan.
 *
 * @param work what is done in the step: {@code mix}, {@code tint}, {@code ice} …
 * @param minutes that all of it takes by the plan, 0 or more
 * @param cookies that are iced in it; 0 where none are
 * @param eachSeconds that the hands are at one of them, 0 or more
 * @param setOutSeconds to set the tray out, 0 or more
 * @param recipe key of the base that is thinned; null where nothing is
 * @param ownSeconds what that counts by itself, over 0
 * @param baseGrams of it in the bowl, over 0
 * @param school how cookies are filled: {@code wall and flood} …; null where nothing is iced
 * @param icedGrams that the pass puts on one cookie, 0 or more
 * @param coatGrams of those that are coats, 0 or more
 * @param times as full as by the house's figures coats are planned, over 0
 * @param bag that was weighed, by the plan itself; null where none was
 */
public record Against(
        String work,
        double minutes,
        int cookies,
        double eachSeconds,
        double setOutSeconds,
        String recipe,
        double ownSeconds,
        double baseGrams,
        String school,
        double icedGrams,
        double coatGrams,
        double times,
        BagUse bag) {}
