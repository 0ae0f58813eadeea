package kindthimble.core.catalogue;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A list of records of the same family that belong to one of them: the moves of a small design that is set on a cookie. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Inner {
    String word();

    /** In words, what leaving it out means. */
    String otherwise();
}
