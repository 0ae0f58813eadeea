package kindthimble.core.catalogue;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Where marks are placed: a record with components of its own, the first of which is an enum that says how. The catalogue offers some of
 * its constants.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Laying {
    String word() default "placed";

    /** The constants that are offered, the usual one first. */
    String[] from();

    /** Whether it is drawn along what it lies on, so that nothing follows at distances. */
    boolean unbroken() default false;
}
