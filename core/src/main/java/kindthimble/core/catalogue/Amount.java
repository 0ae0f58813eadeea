package kindthimble.core.catalogue;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import kindthimble.core.habit.Habit;
import kindthimble.core.words.Unit;

/**
 * A number that a decorator sets, with its range. On a boxed component the number may be left out; {@link #usual} is then what
 * is taken, or, where that is not a number, the shop's own (which {@link #otherwise} names).
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Amount {
    String word();

    Unit unit();

    double least();

    double most();

    double usual() default Double.NaN;

    /** The figure of the kitchen that is taken, in the place of {@link #usual}; one or none. */
    Habit[] habit() default {};

    String otherwise() default "";
}
