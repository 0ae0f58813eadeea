package kindthimble.core.catalogue;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** The word by which a decorator (and the design document) names a kind of move or cutter, and what it does in a few words. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
public @interface Word {
    String value();

    String says() default "";

    /** Where the palette of moves shows it. */
    Kind.Group group() default Kind.Group.FORM;
}
