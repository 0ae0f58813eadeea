package kindthimble.core.drying;

import java.time.LocalDate;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.words.Unit;

/**
 * One day on which the air of the room is otherwise.
 *
 * @param day which
 * @param celsius how warm
 * @param humidityPercent how humid
 */
public record RoomDay(
        LocalDate day,

        @Amount(word = "the room is warm", unit = Unit.CELSIUS, least = 5, most = 45)
        double celsius,

        @Amount(word = "and humid", unit = Unit.PERCENT, least = 5, most = 95)
        double humidityPercent) {}
