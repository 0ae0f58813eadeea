package kindthimble.app.week;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What day it is: the machine's, unless a fixed day is set. */
@Configuration(proxyBeanMethods = false)
class WallClock {
    private static final int NINE = 9;

    @Bean
    Clock clock(@Value("${kind-thimble.today:}") String today) {
        ZoneId zone = ZoneId.systemDefault();
        return today.isBlank()
                ? Clock.system(zone)
                : Clock.fixed(
                        LocalDate.parse(today).atTime(NINE, 0).atZone(zone).toInstant(), zone);
    }
}
