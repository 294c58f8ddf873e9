package pelluna.app.database;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A question about rows of one tank or several, its first argument, whose answer is kept from page to page until one of
 * these tanks is written to. For lists that whole pages read and nobody changes.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface UntilWritten {}
