package kindthimble.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The application. */
@SpringBootApplication
public class KindThimble {
    public static void main(String[] arguments) {
        SpringApplication.run(KindThimble.class, arguments);
    }
}
