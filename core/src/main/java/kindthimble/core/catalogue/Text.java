package kindthimble.core.catalogue;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Words that a decorator writes. When left out, {@link #usual} is taken. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Text {
    String word();

    int longest();

    String usual();
}
